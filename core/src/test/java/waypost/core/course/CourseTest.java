package waypost.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.DAY_ZERO;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.flexion;
import static waypost.core.gate.Fixture.from;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Limb;
import waypost.core.body.Side;
import waypost.core.demand.BodyShare;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.gate.Fixture;
import waypost.core.gate.LadderCourse;
import waypost.core.limit.Allowed;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.LimbQuantity;
import waypost.core.limit.Limit;
import waypost.core.log.Evidence;
import waypost.core.log.Hold;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.protocol.Opening;
import waypost.core.question.Answers;
import waypost.core.question.Condition;
import waypost.core.reason.VerdictKind;
import waypost.core.resolved.Resolver;
import waypost.core.time.Moment;
import waypost.core.time.Schedule;

class CourseTest {

    private static final LocalDate DAY_20 = DAY_ZERO.plusDays(20);

    private static Course course(List<SignedPhase> signed, List<Hold> holds, Reading... readings) {
        Fixture fixture = new Fixture()
                .asking(bend(60))
                .open(new Opening.Case(
                        Condition.ALWAYS,
                        "",
                        Moment.parse("completed week 2"),
                        Optional.empty(),
                        Optional.of("second"),
                        List.of(),
                        Optional.empty()));
        return Course.of(
                Resolver.resolve(fixture.protocol(), Answers.NONE, DAY_ZERO),
                List.of(fixture.squat()),
                List.of(Fixture.FLEXION),
                History.of(Side.RIGHT, Evidence.of(new Readings(List.of(readings))), signed, holds));
    }

    /** Begun on day 0, over on the day that is written or on which it was ended, whichever is first. */
    @ParameterizedTest
    @CsvSource(
            value = {
                "-,-,-1,false",
                "-,-,0,true",
                "-,-,900,true",
                "10,-,9,true",
                "10,-,10,false",
                "10,5,5,false",
                "5,10,5,false",
                "-,7,6,true"
            },
            nullValues = "-")
    void aCourseRunsFromItsBeginToItsEnd(Integer writtenEnd, Integer ended, int day, boolean runs) {
        Fixture fixture = new Fixture().asking(bend(60)).open(from("day 0"));
        Optional.ofNullable(writtenEnd).ifPresent(end -> fixture.ends("day " + end));
        Course course = fixture.course(new History(
                Side.RIGHT,
                true,
                Evidence.NONE,
                List.of(),
                List.of(),
                List.of(),
                Optional.ofNullable(ended).map(end -> DAY_ZERO.plusDays(end)),
                Optional.empty()));

        assertThat(course.runsOn(DAY_ZERO.plusDays(day))).isEqualTo(runs);
    }

    @Test
    void aCourseReachesFrom400DaysBeforeToTenYearsAfter() {
        Course course = course(List.of(), List.of());

        assertThat(course.earliest()).isEqualTo(DAY_ZERO.minusDays(400));
        assertThat(course.latest()).isEqualTo(DAY_ZERO.plusYears(10));
    }

    /** What it names, and tests of the operated joint; not an exercise that it never mentions, nor a test of elsewhere. */
    @Test
    void aProtocolSpeaksOfWhatItNamesAndOfTestsOfItsJoint() {
        Course course = new LadderCourse()
                .open(LadderCourse.exercise("named", "press", 1, Purpose.STRENGTH))
                .standing()
                .course();
        Activity test = new Fixture().asking(bend(60)).squat();
        Activity elsewhere = new Fixture().squat();

        assertThat(course.speaksOf(course.exercise("named"))).isTrue();
        assertThat(course.speaksOf(LadderCourse.exercise("silent", "press", 1, Purpose.STRENGTH)))
                .isFalse();
        assertThat(course.speaksOf(test)).isTrue();
        assertThat(course.speaksOf(elsewhere)).isFalse();
    }

    @Test
    void advanceNeedsTimeAndMilestonesAndNeverOneAlone() {
        Course met = course(List.of(), List.of(), flexion(100, 10));
        Course notMet = course(List.of(), List.of(), flexion(80, 10));

        assertThat(next(met, 13).ready()).isFalse();
        assertThat(next(met, 13).timeReached()).isFalse();
        assertThat(next(notMet, 14).timeReached()).isTrue();
        assertThat(next(notMet, 14).ready()).isFalse();
        assertThat(next(met, 14).ready()).isTrue();
    }

    private static NextPhase next(Course course, int day) {
        LocalDate date = DAY_ZERO.plusDays(day);
        return course.on(date, date, Outlook.TIME_ONLY).next().orElseThrow();
    }

    @Test
    void phaseOnAPastDateIsTheOneSignedByThen() {
        Course course = course(List.of(new SignedPhase("second", DAY_ZERO.plusDays(16))), List.of());

        assertThat(course.phaseOn(DAY_ZERO.plusDays(15)).id()).isEqualTo("first");
        assertThat(course.phaseOn(DAY_ZERO.plusDays(16)).id()).isEqualTo("second");
        assertThat(course.on(DAY_ZERO.plusDays(15), DAY_20, Outlook.TIME_ONLY)
                        .verdict(Fixture.ROLE)
                        .kind())
                .isEqualTo(VerdictKind.NOT_YET);
        assertThat(course.on(DAY_ZERO.plusDays(16), DAY_20, Outlook.TIME_ONLY)
                        .verdict(Fixture.ROLE)
                        .kind())
                .isEqualTo(VerdictKind.OPEN);
    }

    @Test
    void aFutureDateIsTimeOnlyOrIfAllGoesToPlan() {
        Course course = course(List.of(), List.of());
        LocalDate today = DAY_ZERO.plusDays(5);

        Standing timeOnly = course.on(DAY_20, today, Outlook.TIME_ONLY);
        Standing toPlan = course.on(DAY_20, today, Outlook.TO_PLAN);

        assertThat(timeOnly.phase().id()).isEqualTo("first");
        assertThat(timeOnly.verdict(Fixture.ROLE).kind()).isEqualTo(VerdictKind.NOT_YET);
        assertThat(toPlan.phase().id()).isEqualTo("second");
        assertThat(toPlan.verdict(Fixture.ROLE).kind()).isEqualTo(VerdictKind.OPEN);
        assertThat(course.on(today, today, Outlook.TO_PLAN).planned()).isFalse();
    }

    @Test
    void readingsDoNotGrowOldOnAFutureDate() {
        Course course = course(List.of(), List.of(), flexion(100, 10));

        Standing later = course.on(DAY_ZERO.plusDays(60), DAY_ZERO.plusDays(12), Outlook.TIME_ONLY);

        assertThat(later.milestones()).allMatch(milestone -> milestone.isMet());
    }

    @Test
    void timelineNamesTheDatesOfRulesAndHolds() {
        Hold hold = new Hold(
                Hold.Kind.FLARE, "flare", DAY_20, DAY_20.plusDays(3), Optional.of(DAY_20.plusDays(4)), "tester");

        assertThat(course(List.of(), List.of(hold)).timeline())
                .containsExactly(DAY_ZERO.plusDays(14), DAY_20, DAY_20.plusDays(4));
    }

    @Test
    void tellsWhatOpenedBetweenTwoVisits() {
        Course course = course(List.of(new SignedPhase("second", DAY_ZERO.plusDays(16))), List.of());
        Standing before = course.on(DAY_ZERO.plusDays(15), DAY_ZERO.plusDays(15), Outlook.TIME_ONLY);
        Standing now = course.on(DAY_20, DAY_20, Outlook.TIME_ONLY);

        assertThat(now.openedSince(before)).containsExactly(Fixture.ROLE);
        assertThat(now.openedSince(now)).isEmpty();
    }

    @Test
    void everyDayBeforeSurgeryIsInTheFirstPhaseWithNothingOpen() {
        LocalDate before = DAY_ZERO.minusDays(12);

        Standing standing = course(List.of(), List.of()).on(before, before, Outlook.TIME_ONLY);

        assertThat(standing.day().number()).isEqualTo(-12);
        assertThat(standing.phase().id()).isEqualTo("first");
        assertThat(standing.verdict(Fixture.ROLE).kind()).isEqualTo(VerdictKind.NOT_YET);
    }

    @Test
    void silentProtocolNamesNoPrecautionAndNoDuty() {
        Standing standing = course(List.of(), List.of()).on(DAY_20, DAY_20, Outlook.TIME_ONLY);

        assertThat(standing.precautions()).isEmpty();
        assertThat(standing.duties()).isEmpty();
        assertThat(from("day 0").needs()).isEmpty();
    }

    @Test
    void ofEquallyStrictPrecautionsTheOneThatLastsLongestIsNamed() {
        Fixture fixture = new Fixture()
                .asking(bend(60))
                .open(from("day 0"))
                .limit(bearing("short", "completed week 6"))
                .limit(bearing("long", "completed week 8"))
                .limit(bearing("shorter", "completed week 4"));
        Course course = Course.of(
                Resolver.resolve(fixture.protocol(), Answers.NONE, DAY_ZERO),
                List.of(fixture.squat()),
                List.of(Fixture.FLEXION),
                History.of(Side.RIGHT, Evidence.NONE, List.of(), List.of()));

        Standing standing = course.on(DAY_20, DAY_20, Outlook.TIME_ONLY);

        assertThat(standing.precautions()).hasSize(3);
        assertThat(standing.strictestPrecautions())
                .singleElement()
                .satisfies(p -> assertThat(p.limit().from().ruleId()).isEqualTo("long"));
    }

    private static Limit<BodyShare> bearing(String id, String end) {
        return new AmountLimit<>(
                Fixture.head(id),
                new LimbQuantity.Share(Limb.LEG, Optional.empty()),
                new Schedule<>(List.of(
                        new Schedule.Entry<>(Moment.parse("day 0"), Allowed.within(BodyShare.ofPercent(50))),
                        new Schedule.Entry<>(Moment.parse(end), Allowed.free()))));
    }
}
