package waypost.core.progression;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static waypost.core.gate.LadderCourse.DATE;
import static waypost.core.gate.LadderCourse.exercise;
import static waypost.core.gate.LadderCourse.operated;
import static waypost.core.progression.Told.dose;
import static waypost.core.progression.Told.told;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Limb;
import waypost.core.course.Standing;
import waypost.core.demand.Demand;
import waypost.core.demand.Load;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Dose;
import waypost.core.exercise.Progression;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.gate.LadderCourse;
import waypost.core.log.WorkLog;
import waypost.core.prescription.DayKind;
import waypost.core.prescription.GoesOnBy;
import waypost.core.prescription.OnDays;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.Prescriptions;
import waypost.core.prescription.Since;
import waypost.core.prescription.Week;
import waypost.core.prescription.WorkingDose;

/** A dose that a therapist wrote is kept, the rule goes on from it, and what holds the day back goes before both. */
class PrescribedDoseTest {

    private static final RoleKey PRESS = operated("press-1");
    private static final int TODAY = 20;
    private static final DayOfWork QUIET = new DayOfWork(0, Optional.empty(), Optional.empty());
    private static final DayOfWork SWOLLEN = new DayOfWork(0, Optional.of(Brake.MORE_SWELLING), Optional.empty());

    private static Activity.Exercise press() {
        return exercise("press-1", "press", 1, Purpose.STRENGTH, new Demand.Held(Limb.LEG, Load.parse("4 kg")));
    }

    private static Standing standing() {
        return new LadderCourse().open(press()).standing();
    }

    private static Prescription written(WorkingDose dose, int day, int setsBefore, GoesOnBy by, OptionalInt pain) {
        Since since = new Since(DATE.minusDays(TODAY - day), setsBefore);
        Prescription plain = Prescription.plain(press(), PRESS, since, dose);
        return new Prescription(
                PRESS,
                since,
                dose,
                plain.tempo(),
                plain.restSeconds(),
                plain.side(),
                plain.often(),
                pain,
                Set.of(),
                by,
                "");
    }

    private static Proposal.Do proposed(String done, DayOfWork day, Prescription written) {
        WorkLog work = Told.work(done, PRESS, DATE.minusDays(TODAY));
        Prescribed prescribed = new Prescribed(new Prescriptions(List.of(written)), Week.UNSAID);
        return new Proposals(standing(), work, day, prescribed).of(PRESS).toDo().orElseThrow();
    }

    private static void shows(Proposal.Do toDo, String expected) {
        String[] wayAndDose = expected.split(": ");
        assertThat(toDo.way()).isEqualTo(Way.valueOf(wayAndDose[0]));
        assertThat(told(toDo.dose())).isEqualTo(wayAndDose[1]);
    }

    /** Days are counted so that today is day 20; "18/2" is written on day 18 after two sets of that day. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "never done                     | 3 x 8 reps @6 kg | 20/0 |                                             | PRESCRIBED: 3 x 8 reps @6 kg",
                "what was done before is past   | 3 x 8 reps @6 kg | 18/0 | 8: 10 10 @4 kg ; 10: 10 10 @4 kg            | PRESCRIBED: 3 x 8 reps @6 kg",
                "the same day, written after it | 3 x 8 reps @6 kg | 18/2 | 18: 10 10 @4 kg                             | PRESCRIBED: 3 x 8 reps @6 kg",
                "the same day, done as written  | 2 x 8 reps @6 kg | 18/0 | 18: 8 8 @6 kg                               | SAME: 2 x 8 reps @6 kg",
                "done once                      | 3 x 8 reps @6 kg | 14/0 | 2: 10 10 @4 kg ; 17: 8 8 8 @6 kg            | SAME: 3 x 8 reps @6 kg",
                "done twice: its rule goes on   | 3 x 8 reps @6 kg | 14/0 | 15: 8 8 8 @6 kg ; 18: 8 8 8 @6 kg           | UP: 3 x 8 reps @7 kg",
                "under its own range            | 3 x 8 reps @6 kg | 14/0 | 18: 8 8 5 @6 kg                             | DOWN: 3 x 8 reps @5 kg",
                "pain in it                     | 3 x 8 reps @6 kg | 14/0 | 18: 8 8 8 @6 kg p4                          | DOWN: 3 x 8 reps @5 kg",
                "pain the morning after it was written | 2 x 10 reps @6 kg | 18/2 | 18: 10 10 @4 kg am5                 | DOWN: 2 x 10 reps @3.5 kg",
                "the same, but less was written | 2 x 10 reps @3 kg | 18/2 | 18: 10 10 @4 kg am5                        | PRESCRIBED: 2 x 10 reps @3 kg",
                "fifteen days not done          | 3 x 8 reps @6 kg | 20/0 | 5: 10 10 @4 kg                              | SAME: 2 x 10 reps @4 kg",
                "less after fifteen days        | 2 x 8 reps @3 kg | 20/0 | 5: 10 10 @4 kg                              | PRESCRIBED: 2 x 8 reps @3 kg"
            })
    void goesOnFromWhatWasWritten(String what, String prescribed, String since, String done, String expected) {
        String[] dayAndSets = since.split("/");
        Prescription written = written(
                dose(prescribed),
                Integer.parseInt(dayAndSets[0]),
                Integer.parseInt(dayAndSets[1]),
                GoesOnBy.usual(Progression.DOUBLE_PROGRESSION),
                OptionalInt.empty());

        shows(proposed(done == null ? "" : done.replace(';', '|'), QUIET, written), expected);
    }

    /** On a day that holds progress nothing above the last time, whoever wrote it; what is less is done as written. */
    @ParameterizedTest
    @CsvSource({
        "3 x 8 reps @6 kg,SAME: 2 x 10 reps @4 kg",
        "3 x 10 reps @4 kg,SAME: 2 x 10 reps @4 kg",
        "2 x 8 reps @3 kg,PRESCRIBED: 2 x 8 reps @3 kg"
    })
    void aBrakeGoesBeforeIt(String prescribed, String expected) {
        Prescription written =
                written(dose(prescribed), 20, 0, GoesOnBy.usual(Progression.DOUBLE_PROGRESSION), OptionalInt.empty());

        Proposal.Do toDo = proposed("18: 10 10 @4 kg", SWOLLEN, written);

        shows(toDo, expected);
        assertThat(toDo.why()).contains(new Ground.Prescribed(DATE));
    }

    /** Never above what was written; lighter after pain, and then back one load a session. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "15: 8 8 8 @6 kg ; 17: 8 8 8 @6 kg ; 18: 8 8 8 @6 kg | SAME: 3 x 8 reps @6 kg",
                "18: 8 8 8 @7 kg                                     | SAME: 3 x 8 reps @6 kg",
                "18: 8 8 8 @6 kg p4                                  | DOWN: 3 x 8 reps @5 kg",
                "17: 8 8 8 @6 kg p4 ; 18: 8 8 8 @4 kg                | UP: 3 x 8 reps @4.5 kg",
                "17: 8 8 8 @6 kg p4 ; 18: 8 8 8 @5.5 kg              | UP: 3 x 8 reps @6 kg"
            })
    void asWrittenStays(String done, String expected) {
        Prescription written =
                written(dose("3 x 8 reps @6 kg"), 14, 0, GoesOnBy.usual(Progression.AS_WRITTEN), OptionalInt.empty());

        shows(proposed(done.replace(';', '|'), QUIET, written), expected);
    }

    /** 40 contacts a week before allow 44 in this one: a dose by hand begins no new week, whichever rule it goes on by. */
    @ParameterizedTest
    @CsvSource({
        "2 x 30 contacts,CONTACTS,7: 20 20,DOWN: 2 x 22 contacts",
        "2 x 22 contacts,AS_WRITTEN,7: 20 20,PRESCRIBED: 2 x 22 contacts",
        "2 x 20 contacts,AS_WRITTEN,7: 20 20 | 16: 12 12,DOWN: 2 x 10 contacts"
    })
    void contactsStayWithinTheShareOfTheWeek(String prescribed, Progression by, String done, String expected) {
        Activity.Exercise hops = hops();
        Prescription plain = Prescription.plain(hops, PRESS, new Since(DATE.minusDays(5), 0), dose(prescribed));
        Prescription written = plain.goingOnBy(GoesOnBy.usual(by));
        WorkLog work = Told.work(done, PRESS, DATE.minusDays(TODAY));
        Standing standing = new LadderCourse().open(hops).standing();

        Proposal.Do toDo = new Proposals(
                        standing, work, QUIET, new Prescribed(new Prescriptions(List.of(written)), Week.UNSAID))
                .of(PRESS)
                .toDo()
                .orElseThrow();

        shows(toDo, expected);
    }

    private static Activity.Exercise hops() {
        Activity.Exercise press = press();
        return new Activity.Exercise(
                press.id(),
                press.title(),
                press.ladder(),
                press.rung(),
                press.harder(),
                press.rises(),
                Purpose.IMPACT,
                press.roles(),
                new Dose(2, SetAim.parse("20 contacts"), Optional.empty(), "2 a week"),
                Progression.CONTACTS,
                press.poses(),
                press.setUps(),
                press.teaching());
    }

    @Test
    void noMoreThanNineRunsStandInASession() {
        assertThatThrownBy(() -> Prescription.plain(press(), PRESS, new Since(DATE, 0), dose("2 x 5 runs")))
                .hasMessage("runs in a session: found 10, allowed: 9 at most");
    }

    @Test
    void theNumberOfTheRuleIsTheTherapists() {
        String twice = "15: 8 8 8 @6 kg | 18: 8 8 8 @6 kg";
        GoesOnBy three = new GoesOnBy(Progression.DOUBLE_PROGRESSION, 3);

        Proposal.Do toDo = proposed(twice, QUIET, written(dose("3 x 8 reps @6 kg"), 14, 0, three, OptionalInt.empty()));

        assertThat(toDo.way()).isEqualTo(Way.SAME);
        assertThat(toDo.why()).contains(new Ground.Reached(2, 3));
    }

    /** Without a rule of the protocol a set may give 1 of 10 where nobody hurts on coming in. */
    @ParameterizedTest
    @CsvSource({"0,0,PRESCRIPTION", "1,1,BASELINE", "5,1,BASELINE"})
    void itsPainCapOnlyLowers(int cap, int most, PainLimit.From from) {
        Prescription written = written(
                dose("3 x 8 reps @6 kg"), 14, 0, GoesOnBy.usual(Progression.DOUBLE_PROGRESSION), OptionalInt.of(cap));
        Prescribed prescribed = new Prescribed(new Prescriptions(List.of(written)), Week.UNSAID);

        PainLimit limit = new Proposals(standing(), WorkLog.NONE, QUIET, prescribed).pain(PRESS);

        assertThat(limit).isEqualTo(new PainLimit(most, from));
    }

    /** Of a week with two kinds of strength days what is meant for B rests on the others; a week without such a day holds nothing back. */
    @Test
    void restsOnDaysThatItIsNotMeantFor() {
        DayKind today = DayKind.STRENGTH_A;
        List<DayKind> kinds = new ArrayList<>(Collections.nCopies(Week.DAYS, DayKind.OFF));
        kinds.set(DATE.getDayOfWeek().ordinal(), today);
        kinds.set(DATE.plusDays(2).getDayOfWeek().ordinal(), DayKind.STRENGTH_B);
        Prescription plain = Prescription.plain(press(), PRESS, new Since(DATE, 0), dose("2 x 10 reps @4 kg"));
        Prescription onB = new Prescription(
                PRESS,
                plain.since(),
                plain.dose(),
                plain.tempo(),
                plain.restSeconds(),
                plain.side(),
                plain.often(),
                plain.painMost(),
                Set.of(DayKind.STRENGTH_B),
                plain.goesOnBy(),
                "");
        Prescriptions doses = new Prescriptions(List.of(onB));

        assertThat(new Proposals(standing(), WorkLog.NONE, QUIET, new Prescribed(doses, new Week(kinds))).of(PRESS))
                .isEqualTo(new Proposal.Rest(
                        PRESS,
                        DATE.plusDays(2),
                        List.of(new Ground.OtherDay(
                                new OnDays.OfKinds(Set.of(DayKind.STRENGTH_B)), Optional.of(today)))));
        assertThat(new Proposals(
                                standing(),
                                WorkLog.NONE,
                                QUIET,
                                new Prescribed(doses, new Week(DayKind.usualWeek(false))))
                        .of(PRESS)
                        .toDo())
                .isPresent();
    }

    @ParameterizedTest
    @CsvSource({
        "DOUBLE_PROGRESSION,0,'sessions running: found 0, allowed: 1 to 5'",
        "CONTACTS,11,'percent more a week: found 11, allowed: 1 to 10'",
        "COMPLETION,2,'the rule''s number: found 2, allowed: none for this rule'"
    })
    void whatMayNotBeSetIsRefused(Progression rule, int number, String message) {
        assertThatThrownBy(() -> new GoesOnBy(rule, number)).hasMessage(message);
    }

    /** Half the sets before an event, and no rise though the rule goes on; mobility is left alone. */
    @ParameterizedTest
    @CsvSource({
        "STRENGTH,'15: 8 8 8 @6 kg | 18: 8 8 8 @6 kg',SAME: 2 x 8 reps @6 kg,true",
        "STRENGTH,'',PRESCRIBED: 2 x 8 reps @6 kg,true",
        "MOBILITY,'15: 8 8 8 @6 kg | 18: 8 8 8 @6 kg',UP: 3 x 8 reps @7 kg,false"
    })
    void strengthTapersBeforeAnEvent(Purpose purpose, String done, String expected, boolean tapers) {
        Activity.Exercise press =
                exercise("press-1", "press", 1, purpose, new Demand.Held(Limb.LEG, Load.parse("4 kg")));
        Ground.EventNear near = new Ground.EventNear(DATE.plusDays(6));
        Prescription wanted = written(
                dose("3 x 8 reps @6 kg"), 14, 0, GoesOnBy.usual(Progression.DOUBLE_PROGRESSION), OptionalInt.empty());
        Prescribed prescribed =
                new Prescribed(new Prescriptions(List.of(wanted)), Week.UNSAID, Optional.of(near), List.of());
        WorkLog work = Told.work(done, PRESS, DATE.minusDays(TODAY));

        Proposal.Do toDo = new Proposals(new LadderCourse().open(press).standing(), work, QUIET, prescribed)
                .of(PRESS)
                .toDo()
                .orElseThrow();

        shows(toDo, expected);
        assertThat(toDo.why().contains(near)).isEqualTo(tapers);
    }
}
