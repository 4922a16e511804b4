package waypost.core.block;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static waypost.core.gate.LadderCourse.DATE;
import static waypost.core.gate.LadderCourse.operated;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Mode;
import waypost.core.body.Tissue;
import waypost.core.course.Course;
import waypost.core.demand.Demand;
import waypost.core.demand.Level;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangements;
import waypost.core.exercise.Dose;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.gate.LadderCourse;
import waypost.core.log.SetDone;
import waypost.core.log.WorkLog;
import waypost.core.prescription.DayKind;
import waypost.core.prescription.OnDays;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.Prescriptions;
import waypost.core.prescription.Since;
import waypost.core.prescription.Week;
import waypost.core.prescription.WorkingDose;
import waypost.core.protocol.Frequency;

/** A week laid out by hand: {@code o} open, {@code r} rests, {@code c} closed, {@code d} done, {@code -} not meant. */
class WeeksTest {

    private static final LocalDate MONDAY = DATE.with(TemporalAdjusters.next(DayOfWeek.MONDAY));
    private static final Demand HARD =
            new Demand.TissueLoad(Tissue.QUADRICEPS_TENDON, Level.HIGH, Mode.RESISTED, Optional.empty());

    private static final Course COURSE = new LadderCourse()
            .open(dosed("press", Purpose.STRENGTH, "10 reps", "3 a week", HARD))
            .open(dosed("lunge", Purpose.STRENGTH, "10 reps", "2 a week", HARD))
            .open(dosed("bend", Purpose.MOBILITY, "10 reps", "5 a day", HARD))
            .open(dosed("hop", Purpose.IMPACT, "20 contacts", "2 a week"))
            .with(dosed("late", Purpose.MOBILITY, "10 reps", "daily"), "day " + dayOf(MONDAY.plusDays(3)))
            .standing()
            .course();

    private static int dayOf(LocalDate date) {
        return 40 + (int) (date.toEpochDay() - DATE.toEpochDay());
    }

    private static Activity.Exercise dosed(String id, Purpose purpose, String aim, String often, Demand... more) {
        Activity.Exercise plain = LadderCourse.exercise(id, id, 1, purpose, more);
        return new Activity.Exercise(
                id,
                id,
                id,
                1,
                plain.harder(),
                plain.rises(),
                purpose,
                plain.roles(),
                new Dose(2, SetAim.parse(aim), Optional.empty(), often),
                plain.progression(),
                plain.poses(),
                Arrangements.NONE,
                plain.teaching());
    }

    /** Such as {@code "press 1 3 5; bend"}: weekdays from Monday 1 on; none for those that its dose says. */
    private static WeekBoard.Planned plan(String written) {
        List<Meant> meant = new ArrayList<>();
        Map<RoleKey, OnDays.Weekdays> placed = new HashMap<>();
        for (String each : written.split("; ")) {
            List<String> parts = List.of(each.split(" "));
            RoleKey role = operated(parts.get(0));
            Set<DayOfWeek> days = parts.stream()
                    .skip(1)
                    .map(day -> DayOfWeek.of(Integer.parseInt(day)))
                    .collect(Collectors.toSet());
            Optional<OnDays.Weekdays> on = days.isEmpty() ? Optional.empty() : Optional.of(new OnDays.Weekdays(days));
            on.ifPresent(weekdays -> placed.put(role, weekdays));
            meant.add(new Meant(role, Optional.empty(), on));
        }
        return new WeekBoard.Planned(new Week(List.of(), placed), meant);
    }

    private static WeekBoard board(WeekBoard.Planned plan, WorkLog work, Prescriptions doses) {
        return new Weeks(COURSE, DATE, work, new WeekDoses(COURSE, doses), date -> plan).of(MONDAY);
    }

    private static WeekBoard board(String plan) {
        return board(plan(plan), WorkLog.NONE, Prescriptions.NONE);
    }

    private static String drawn(WeekBoard board, String role) {
        return board.days().stream()
                .map(day -> day.of(operated(role))
                        .map(slot -> slot.says()
                                .getClass()
                                .getSimpleName()
                                .substring(0, 1)
                                .toLowerCase(Locale.ROOT))
                        .orElse("-"))
                .collect(Collectors.joining());
    }

    @ParameterizedTest
    @CsvSource({
        // what is placed; the exercise; how its week comes out
        "press 1 3 5,press,o-o-o--",
        "press 1 2 3,press,oro----",
        "press 1 3 5; lunge 2,lunge,-r-----",
        "press 1 3 5; lunge 2,press,o-o-o--",
        "press 1 5; lunge 3,lunge,--o----",
        "press 7 1,press,r-----o",
        "press 7; lunge 1,lunge,r------",
        "bend 1 2; press 2,press,-o-----",
        "bend,bend,ooooooo",
        "late 2 4 6,late,-c-o-o-",
        "hop 1 2,hop,oo-----"
    })
    void aDayIsUnderTheGateAndRestsTheDayAfterHardWork(String plan, String role, String week) {
        assertThat(drawn(board(plan), role)).isEqualTo(week);
    }

    /** What rests because nobody chose its days is no fault of the plan; what was placed there is. */
    @ParameterizedTest
    @CsvSource({"press 1 2 3,1", "'press; lunge',0", "'press 1 3 5; lunge 2',1", "late 2 4 6,1", "late,0"})
    void onlyWhatWasPlacedIsBroken(String plan, int broken) {
        WeekBoard board = board(plan);

        assertThat(board.days().stream()
                        .mapToInt(day -> board.broken(day).size())
                        .sum())
                .isEqualTo(broken);
    }

    @ParameterizedTest
    @CsvSource({
        "press 1 3 5,press,3,3,false,false",
        "lunge 1 3 5,lunge,3,2,true,false",
        "press 1 3,press,2,3,false,true",
        "press 1 2 3 4,press,2,3,false,true",
        "bend,bend,7,,false,false",
        "bend 1 4,bend,2,,false,true"
    })
    void theDaysOfAWeekBesideThoseOfItsDose(
            String plan, String role, int days, Integer wanted, boolean often, boolean seldom) {
        assertThat(board(plan).tallies()).singleElement().satisfies(tally -> {
            assertThat(tally.role()).isEqualTo(operated(role));
            assertThat(tally.days()).isEqualTo(days);
            assertThat(tally.wanted()).isEqualTo(wanted == null ? OptionalInt.empty() : OptionalInt.of(wanted));
            assertThat(tally.isTooOften()).isEqualTo(often);
            assertThat(tally.isTooSeldom()).isEqualTo(seldom);
        });
    }

    /** As often as the week has days, or more: on every day. */
    @ParameterizedTest
    @CsvSource({"6,6", "7,", "21,"})
    void severalTimesOnADayAreNoMoreDays(int times, Integer wanted) {
        RoleKey role = operated("press");
        Activity.Exercise press = COURSE.exercise("press");
        Prescription often = Prescription.plain(
                        press, role, new Since(DATE, 0), WorkingDose.usual(press, COURSE.role(role)))
                .asOften(Optional.of(new Frequency(times, Frequency.Per.WEEK)));

        assertThat(board(plan("press"), WorkLog.NONE, new Prescriptions(List.of(often)))
                        .tallies())
                .singleElement()
                .satisfies(tally -> assertThat(tally.wanted())
                        .isEqualTo(wanted == null ? OptionalInt.empty() : OptionalInt.of(wanted)));
    }

    @Test
    void howOftenWasPrescribedGoesBeforeTheLibrary() {
        RoleKey role = operated("press");
        Activity.Exercise press = COURSE.exercise("press");
        Prescription twice = Prescription.plain(
                        press, role, new Since(DATE, 0), WorkingDose.usual(press, COURSE.role(role)))
                .asOften(Optional.of(new Frequency(2, Frequency.Per.WEEK)));

        assertThat(board(plan("press 1 3 5"), WorkLog.NONE, new Prescriptions(List.of(twice)))
                        .tallies())
                .singleElement()
                .satisfies(tally -> assertThat(tally.isTooOften()).isTrue());
    }

    /** Two sets of 20 on each day meant; a tenth above what the week before had may be meant. */
    @ParameterizedTest
    @CsvSource({
        "'hop 1 4',40 40,80,80,88,false",
        "'hop 1 3 5',40 40,80,120,88,true",
        "'hop 1 3 5',60 50,110,120,121,false",
        "'hop 1',0 0,0,40,,false"
    })
    void groundContactsOfTwoWeeks(String plan, String done, int before, int meant, Integer most, boolean many) {
        LocalDate weekBefore = MONDAY.minusDays(7);
        int[] amounts =
                Arrays.stream(done.split(" ")).mapToInt(Integer::parseInt).toArray();
        List<SetDone> sets = new ArrayList<>();
        for (int nth = 0; nth < amounts.length; nth++) {
            if (amounts[nth] > 0) {
                sets.add(set("hop", weekBefore.plusDays(2L * nth), amounts[nth]));
            }
        }
        WeekBoard.Planned planned = plan(plan);
        WeekBoard board = new Weeks(
                        COURSE,
                        MONDAY,
                        new WorkLog(sets, List.of()),
                        new WeekDoses(COURSE, Prescriptions.NONE),
                        date -> planned)
                .of(MONDAY);

        assertThat(board.contacts()).isEqualTo(new WeekBoard.Contacts(before, meant));
        assertThat(board.contacts().most()).isEqualTo(most == null ? OptionalInt.empty() : OptionalInt.of(most));
        assertThat(board.contacts().isTooMany()).isEqualTo(many);
    }

    private static SetDone set(String exercise, LocalDate on, int amount) {
        return new SetDone(operated(exercise), on, amount, Optional.empty(), 0, SetDone.Form.GOOD);
    }

    /** What was done stands in the days past, whatever was planned; today's sets stand in the place of the plan. */
    @Test
    void daysPastTellWhatWasDone() {
        LocalDate today = MONDAY.plusDays(2);
        WeekBoard.Planned plan = plan("press 1 3 5");
        WorkLog work = new WorkLog(
                List.of(set("press", MONDAY.plusDays(1), 8), set("bend", today, 9), set("bend", today, 7)), List.of());

        WeekBoard board =
                new Weeks(COURSE, today, work, new WeekDoses(COURSE, Prescriptions.NONE), date -> plan).of(MONDAY);

        assertThat(drawn(board, "press")).isEqualTo("-dr-o--");
        assertThat(drawn(board, "bend")).isEqualTo("--d----");
        assertThat(board.days().get(2).of(operated("bend")).orElseThrow().says())
                .isEqualTo(new DaySays.Done(2, 16));
    }

    /** Where it was placed goes before the kinds of days; both before every day. */
    @ParameterizedTest
    @CsvSource({"'',true,o-o-o--", "'2 4',true,-o-o---", "'',false,ooooooo"})
    void whereItWasPlacedGoesBeforeKindsOfDays(String placed, boolean kinds, String week) {
        RoleKey role = operated("hop");
        WeekBoard.Planned plan = plan(("hop " + placed).strip());
        Week usual = new Week(DayKind.usualWeek(false), plan.week().placed());
        Set<DayKind> onStrengthDays = kinds ? Set.of(DayKind.STRENGTH) : Set.of();

        String drawn = MONDAY.datesUntil(MONDAY.plusDays(7))
                .map(date -> usual.daysOf(role, onStrengthDays).isOn(date, usual) ? "o" : "-")
                .collect(Collectors.joining());

        assertThat(drawn).isEqualTo(week);
    }

    @Test
    void noWeekdayIsNoPlace() {
        assertThatThrownBy(() -> new OnDays.Weekdays(Set.of()))
                .hasMessage("weekdays: found none, allowed: one to seven");
    }
}
