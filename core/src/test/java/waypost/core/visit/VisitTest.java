package waypost.core.visit;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.DAY_ZERO;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.RoleKey;
import waypost.core.followup.VisitAdvice;
import waypost.core.gate.LadderCourse;
import waypost.core.log.Response;
import waypost.core.log.SetDone;
import waypost.core.log.Stop;
import waypost.core.log.Telling;
import waypost.core.log.WorkLog;
import waypost.core.prescription.DayKind;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.Since;
import waypost.core.prescription.WorkingDose;
import waypost.core.progression.Ground;
import waypost.core.progression.Proposal;
import waypost.core.progression.Way;
import waypost.core.safety.CheckIn;
import waypost.core.safety.RedFlag;
import waypost.core.safety.Tier;

/** A day of work decides its step back, its stops and its rests; a page only lays them out. */
class VisitTest {

    private static final LocalDate DATE = LadderCourse.DATE;
    private static final RoleKey EASY = LadderCourse.operated("easy");
    private static final RoleKey HARD = LadderCourse.operated("hard");

    private static Activity.Exercise exercise(RoleKey key, int rung, Purpose purpose) {
        return LadderCourse.exercise(key.activity(), "press", rung, purpose);
    }

    private static Visit visit(WorkLog work, Stop... stops) {
        CheckIn said = new CheckIn(1, Optional.empty(), Optional.empty(), CheckIn.Swelling.NONE, Set.of());
        return Visit.of(
                new LadderCourse()
                        .open(exercise(EASY, 1, Purpose.MOBILITY))
                        .open(exercise(HARD, 2, Purpose.MOBILITY))
                        .standing(),
                new Visit.Told(Optional.of(said), List.of(), work, List.of(stops)));
    }

    private static WorkLog today(int pain) {
        return new WorkLog(List.of(new SetDone(HARD, DATE, 10, Optional.empty(), pain, SetDone.Form.GOOD)), List.of());
    }

    private static Proposal.Do proposed(Visit visit) {
        return visit.proposal(HARD).toDo().orElseThrow();
    }

    private static Stop stop(int daysBack) {
        return new Stop(DATE.minusDays(daysBack), HARD, "a sharp pain");
    }

    /** Baseline 1, so 2 are allowed. */
    @ParameterizedTest
    @CsvSource({"2,false", "3,true"})
    void tooMuchPainInTheLastSetStepsBackAtOnce(int pain, boolean back) {
        Visit visit = visit(today(pain));

        assertThat(visit.stepBack(proposed(visit)).isPresent()).isEqualTo(back);
    }

    @Test
    void aStopStepsBackForWhatWasFeltAndInventsNoPain() {
        Visit visit = visit(WorkLog.NONE, stop(0));

        assertThat(visit.stepBack(proposed(visit))).hasValueSatisfying(less -> {
            assertThat(less.way()).isEqualTo(Way.RUNG_BEFORE);
            assertThat(less.role()).isEqualTo(EASY);
            assertThat(less.why()).contains(new Ground.Stopped("a sharp pain"));
        });
        assertThat(visit(WorkLog.NONE, stop(1)).stepBack(proposed(visit))).isEmpty();
    }

    /** A second stop within seven days, today among them. */
    @ParameterizedTest
    @CsvSource({"6,true", "7,false"})
    void aSecondStopWithinSevenDaysIsTold(int daysBack, boolean call) {
        Visit visit = visit(WorkLog.NONE, stop(daysBack), stop(0));

        assertThat(visit.mustCallAbout(HARD)).isEqualTo(call);
        assertThat(visit.mustCallAbout(EASY)).isFalse();
        assertThat(visit.stops(HARD).get(0)).isEqualTo(stop(0));
    }

    /** The lighter load of the set that hurt is the start; a set of another day or exercise says nothing of now. */
    @Test
    void onlyTodaysLastSetOfTheExerciseStepsBack() {
        WorkLog before = new WorkLog(
                List.of(new SetDone(HARD, DATE.minusDays(1), 10, Optional.empty(), 9, SetDone.Form.GOOD)), List.of());
        WorkLog other =
                new WorkLog(List.of(new SetDone(EASY, DATE, 10, Optional.empty(), 9, SetDone.Form.GOOD)), List.of());
        WorkLog better = new WorkLog(
                List.of(
                        new SetDone(HARD, DATE, 10, Optional.empty(), 9, SetDone.Form.GOOD),
                        new SetDone(HARD, DATE, 10, Optional.empty(), 1, SetDone.Form.GOOD)),
                List.of());

        for (WorkLog work : List.of(before, other, better)) {
            Visit visit = visit(work);
            assertThat(visit.stepBack(new Proposal.Do(
                            HARD, HARD, Way.SAME, proposed(visit(WorkLog.NONE)).dose(), List.of())))
                    .isEmpty();
        }
    }

    /** Too much pain the day before leads to the rung before, which the plan then follows; who stays does less. */
    @Test
    void thePlanFollowsWhereTheRuleLeads() {
        SetDone pained = new SetDone(HARD, DATE.minusDays(3), 10, Optional.empty(), 9, SetDone.Form.GOOD);
        Visit visit = visit(new WorkLog(List.of(pained, pained), List.of()));

        assertThat(visit.leads(HARD, EASY)).isTrue();
        assertThat(visit.leads(HARD, HARD)).isFalse();
        assertThat(visit.staying(HARD).toDo())
                .hasValueSatisfying(stays -> assertThat(stays.role()).isEqualTo(HARD));
        assertThat(visit.work().sets()).hasSize(2);
        assertThat(visit.standing().date()).isEqualTo(DATE);
    }

    @Test
    void aFlagIsRaisedOnlyWhereItWasAnsweredWithYes() {
        RedFlag calf = new RedFlag("calf", "?", Tier.SAME_DAY, "", "", Set.of(), Set.of());
        RedFlag fever = new RedFlag("fever", "?", Tier.SAME_DAY, "", "", Set.of(), Set.of());
        CheckIn said = new CheckIn(1, Optional.empty(), Optional.empty(), CheckIn.Swelling.NONE, Set.of("calf"));
        Visit visit = Visit.of(
                visit(WorkLog.NONE).standing(),
                new Visit.Told(Optional.of(said), List.of(calf, fever), WorkLog.NONE, List.of()));
        Visit silent =
                Visit.of(visit.standing(), new Visit.Told(Optional.empty(), List.of(calf), WorkLog.NONE, List.of()));

        assertThat(visit.isRaised(calf)).isTrue();
        assertThat(visit.isRaised(fever)).isFalse();
        assertThat(silent.isRaised(calf)).isFalse();
        assertThat(visit.asked()).containsExactly(calf, fever);
        assertThat(visit.day().baseline()).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"STRENGTH,90", "MOBILITY,45", "BALANCE,45"})
    void strengthRestsLonger(Purpose purpose, int seconds) {
        Visit visit = Visit.of(
                new LadderCourse().open(exercise(HARD, 1, purpose)).standing(),
                new Visit.Told(Optional.empty(), List.of(), WorkLog.NONE, List.of()));
        assertThat(visit.restSeconds(HARD)).isEqualTo(seconds);
    }

    /** Nothing written: twice a week; a miss brings the next visit nearer. */
    @Test
    void theNextVisitFollowsTheAdvice() {
        Visit visit = visit(WorkLog.NONE);

        assertThat(visit.advice().kind()).isEqualTo(VisitAdvice.Kind.SAME);
        assertThat(visit.nextVisit()).isEqualTo(DATE.plusDays(4));
    }

    @Test
    void aUsualWeekHasNoTwoStrengthDaysBesideEachOther() {
        List<DayKind> week = DayKind.usualWeek(true);

        assertThat(week).hasSize(7).filteredOn(DayKind.STRENGTH::equals).hasSize(3);
        for (int day = 1; day < 7; day++) {
            assertThat(week.subList(day - 1, day + 1)).isNotEqualTo(List.of(DayKind.STRENGTH, DayKind.STRENGTH));
        }
        assertThat(DayKind.usualWeek(false)).doesNotContain(DayKind.CONDITIONING);
    }

    private static Telling telling(int day, int now, Integer after, Integer morning) {
        return new Telling(
                DAY_ZERO.plusDays(day),
                now,
                Optional.ofNullable(after),
                Optional.ofNullable(morning),
                false,
                Response.Soreness.NONE);
    }

    /** What is told on day 12 answers the session of day 10, against the 2 of that day's check-in. */
    @Test
    void whatIsToldAnswersTheSessionBefore() {
        TreeSet<LocalDate> sessions = new TreeSet<>(Set.of(DAY_ZERO.plusDays(10)));

        assertThat(Telling.responses(sessions, List.of(telling(10, 2, null, null), telling(12, 5, 3, 4))))
                .containsExactly(new Response(
                        DAY_ZERO.plusDays(10), 2, Optional.of(3), Optional.of(4), false, Response.Soreness.NONE));
    }

    /** Nobody asked before the session: today's pain is no excuse for the next morning's. */
    @Test
    void withoutABaselineEveryPainAfterwardsCounts() {
        TreeSet<LocalDate> sessions = new TreeSet<>(Set.of(DAY_ZERO.plusDays(10)));

        assertThat(Telling.responses(sessions, List.of(telling(12, 6, 4, 5))))
                .singleElement()
                .satisfies(response -> assertThat(response.flared()).isTrue());
    }

    private static Prescription dose(Activity.Exercise exercise, RoleKey role) {
        return Prescription.plain(exercise, role, new Since(DATE, 0), WorkingDose.usual(exercise, exercise.role(role)));
    }

    /** What opens tomorrow is cut to nothing; what is open passes, and begins a set only where nothing was done of it. */
    @Test
    void whatIsNotOpenCantBePrescribed() {
        Activity.Exercise easy = exercise(EASY, 1, Purpose.MOBILITY);
        Activity.Exercise hard = exercise(HARD, 2, Purpose.MOBILITY);
        WorkLog done =
                new WorkLog(List.of(new SetDone(EASY, DATE, 10, Optional.empty(), 0, SetDone.Form.GOOD)), List.of());
        Visit.Told told = new Visit.Told(Optional.empty(), List.of(), done, List.of());
        Visit visit =
                Visit.of(new LadderCourse().open(easy).with(hard, "day 41").standing(), told);

        assertThat(visit.against(dose(easy, EASY))).isEmpty();
        assertThat(visit.against(dose(hard, HARD)))
                .containsInstanceOf(Objection.Cut.class)
                .hasValueSatisfying(objection ->
                        assertThat(((Objection.Cut) objection).allowed().dose()).isEmpty());
        assertThat(visit.mayBeginWith(dose(easy, EASY))).isFalse();
        assertThat(visit(WorkLog.NONE).mayBeginWith(dose(easy, EASY))).isTrue();
    }
}
