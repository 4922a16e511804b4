package waypost.core.gate;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.bendNeeding;
import static waypost.core.gate.Fixture.downTo;
import static waypost.core.gate.Fixture.facts;
import static waypost.core.gate.Fixture.flexion;
import static waypost.core.gate.Fixture.from;
import static waypost.core.gate.Fixture.graftIs;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;
import waypost.core.log.Hold;
import waypost.core.protocol.Opening;
import waypost.core.question.Answers;
import waypost.core.question.Condition;
import waypost.core.reason.NotYet;
import waypost.core.reason.Reason;
import waypost.core.reason.Uncovered;
import waypost.core.reason.VerdictKind;
import waypost.core.time.CourseDay;
import waypost.core.time.Moment;

class OpeningsTest {

    @ParameterizedTest
    @CsvSource({"41,NOT_YET", "42,OPEN", "43,OPEN"})
    void opensOnTheFirstAllowedDay(int day, VerdictKind kind) {
        assertThat(new Fixture()
                        .asking(bend(60))
                        .open(from("completed week 6"))
                        .on(day)
                        .kind())
                .isEqualTo(kind);
    }

    @Test
    void silenceIsNotPermission() {
        Verdict verdict = new Fixture().asking(bend(60)).on(10);

        assertThat(verdict.kind()).isEqualTo(VerdictKind.NOT_COVERED);
        assertThat(verdict.reasons()).containsExactly(new Uncovered.NotCovered("Test knee 1", List.of()));
    }

    @Test
    void whatAsksNothingOfTheRegionNeedsNoOpening() {
        assertThat(new Fixture().on(10).kind()).isEqualTo(VerdictKind.OPEN);
    }

    @Test
    void anUnansweredQuestionNeedsEveryCaseThatMayApply() {
        Opening.Case early = from(graftIs("tendon"), "day 10");
        Opening.Case late = from(graftIs("donor"), "day 30");
        Fixture asked = new Fixture().asking(bend(60)).open(early).open(late);

        assertThat(asked.on(20).kind()).isEqualTo(VerdictKind.NOT_YET);
        assertThat(asked.on(30).kind()).isEqualTo(VerdictKind.OPEN);
        assertThat(asked.answers(new Answers(Map.of("graft", Set.of("tendon"))))
                        .on(20)
                        .kind())
                .isEqualTo(VerdictKind.OPEN);
    }

    @Test
    void isNotCoveredWhileAPossibleAnswerHasNoCaseAndAsks() {
        Fixture onlyTendon = new Fixture().asking(bend(60)).open(from(graftIs("tendon"), "day 0"));

        assertThat(onlyTendon.on(20).reasons())
                .containsExactly(new Uncovered.NotCovered("Test knee 1", List.of("graft")));
    }

    @Test
    void needsItsPhaseAndItsMilestoneBesideTheDay() {
        Opening.Case demanding = new Opening.Case(
                Condition.ALWAYS,
                "",
                Moment.parse("day 0"),
                Optional.empty(),
                Optional.of("second"),
                List.of("bend"),
                Optional.empty());
        Gate gate = new Fixture().asking(bend(60)).open(demanding).gate();
        Facts first = facts(20);
        Facts ready = new Facts(
                first.day(),
                first.known(),
                first.side(),
                Fixture.SECOND,
                Set.of("bend"),
                List.of(),
                List.of(),
                List.of(),
                first.readings(),
                false);

        assertThat(gate.judge(Fixture.ROLE, first).reasons())
                .hasExactlyElementsOfTypes(NotYet.PhaseNotSigned.class, NotYet.MilestoneNotMet.class);
        assertThat(gate.judge(Fixture.ROLE, ready).kind()).isEqualTo(VerdictKind.OPEN);
        assertThat(DayGate.alone(gate, first).opensByTime(Fixture.ROLE)).isEmpty();
    }

    @Test
    void holdClosesEverythingThatAsksOfTheRegionAndSaysWhy() {
        LocalDate from = Fixture.DAY_ZERO.plusDays(8);
        Hold hold = new Hold(Hold.Kind.FLARE, "flare", from, from.plusDays(3), Optional.of(from.plusDays(5)), "tester");
        Facts held = new Facts(
                new CourseDay(10),
                from,
                waypost.core.body.Side.RIGHT,
                Fixture.FIRST,
                Set.of(),
                List.of(hold),
                List.of(),
                List.of(),
                waypost.core.measure.Readings.NONE,
                false);

        Verdict verdict =
                new Fixture().asking(bend(60)).open(from("day 0")).gate().judge(Fixture.ROLE, held);

        assertThat(verdict.kind()).isEqualTo(VerdictKind.ON_HOLD);
        assertThat(verdict.reasons()).containsExactly(new Reason.OnHold(hold));
        assertThat(hold.holdsOn(from.minusDays(1))).isFalse();
        assertThat(hold.holdsOn(from.plusDays(4))).isTrue();
        assertThat(hold.holdsOn(from.plusDays(5))).isFalse();
    }

    @Test
    void isUnknownRatherThanClosedWithoutAMeasurement() {
        Gate gate = needing110().gate();

        assertThat(gate.judge(Fixture.ROLE, facts(20)).reasons())
                .containsExactly(new NotYet.RangeUnknown(Motion.KNEE_FLEXION, Degrees.of(110), Optional.empty(), 14));
    }

    @ParameterizedTest
    @CsvSource({"109,NOT_YET", "110,OPEN", "111,OPEN"})
    void needsTheRangeThatWasMeasured(double measured, VerdictKind kind) {
        assertThat(needing110()
                        .gate()
                        .judge(Fixture.ROLE, facts(20, flexion(measured, 19)))
                        .kind())
                .isEqualTo(kind);
    }

    @Test
    void staysClosedOneDegreeShortAndSaysByHowMuch() {
        assertThat(needing110()
                        .gate()
                        .judge(Fixture.ROLE, facts(20, flexion(109, 19)))
                        .reasons())
                .containsExactly(new Reason.RangeShort(
                        Motion.KNEE_FLEXION, Degrees.of(110), Degrees.of(109), Fixture.DAY_ZERO.plusDays(19), false));
    }

    @ParameterizedTest
    @CsvSource({"14,OPEN", "15,NOT_YET"})
    void anOldReadingDoesNotCount(int age, VerdictKind kind) {
        assertThat(needing110()
                        .gate()
                        .judge(Fixture.ROLE, facts(30, flexion(120, 30 - age)))
                        .kind())
                .isEqualTo(kind);
    }

    @Test
    void stopsAtTheRangeThatIsThereWhenTheExerciseCanBeCut() {
        Verdict verdict = needing110().reducible(downTo(40)).gate().judge(Fixture.ROLE, facts(20, flexion(95, 19)));

        assertThat(verdict.kind()).isEqualTo(VerdictKind.OPEN_WITH_LIMIT);
        assertThat(verdict.reducedTo().orElseThrow().demands()).containsExactly(bendNeeding(95, 95));
    }

    @Test
    void tellsTheFirstDayOnWhichTimeAloneOpensIt() {
        Gate gate =
                new Fixture().asking(bend(60)).open(from("completed week 6")).gate();

        assertThat(DayGate.alone(gate, facts(10)).opensByTime(Fixture.ROLE)).contains(new CourseDay(42));
        assertThat(gate.changePoints()).containsExactly(new CourseDay(42));
    }

    private static Fixture needing110() {
        return new Fixture().asking(bendNeeding(110, 110)).open(from("day 0"));
    }

    /** Covered on the days before the end, not on the end itself, and the reason says since when. */
    @ParameterizedTest
    @CsvSource({"41,NOT_YET", "42,OPEN", "55,OPEN", "56,NOT_COVERED", "400,NOT_COVERED"})
    void isCoveredUntilItsEnd(int day, VerdictKind kind) {
        Opening.Case stretch = new Opening.Case(
                Condition.ALWAYS,
                "",
                Moment.parse("6 weeks"),
                Optional.of(Moment.parse("8 weeks")),
                Optional.empty(),
                List.of(),
                Optional.empty());
        Verdict verdict = new Fixture().asking(bend(60)).open(stretch).on(day);

        assertThat(verdict.kind()).isEqualTo(kind);
        assertThat(verdict.reasons())
                .filteredOn(Uncovered.Over.class::isInstance)
                .allMatch(reason -> ((Uncovered.Over) reason).since().equals(new CourseDay(56)));
    }

    /** From six weeks with the milestone, from eight weeks without it. */
    @ParameterizedTest
    @CsvSource({"41,NOT_YET", "42,NOT_YET", "55,NOT_YET", "56,OPEN"})
    void opensRegardlessOfItsMilestoneFromTheLaterBound(int day, VerdictKind kind) {
        Opening.Case range = new Opening.Case(
                Condition.ALWAYS,
                "",
                Moment.parse("6 weeks"),
                Optional.empty(),
                Optional.empty(),
                List.of("bend"),
                Optional.of(Moment.parse("8 weeks")));

        assertThat(new Fixture().asking(bend(60)).open(range).on(day).kind()).isEqualTo(kind);
    }

    /** Of the passive and the active reading the later one tells the range. */
    @Test
    void theLaterOfThePassiveAndTheActiveReadingCounts() {
        assertThat(needing110()
                        .gate()
                        .judge(Fixture.ROLE, facts(20, flexion(120, 10), active(100, 19)))
                        .kind())
                .isEqualTo(VerdictKind.NOT_YET);
        assertThat(needing110()
                        .gate()
                        .judge(Fixture.ROLE, facts(20, flexion(100, 19), active(120, 10)))
                        .kind())
                .isEqualTo(VerdictKind.NOT_YET);
        assertThat(needing110()
                        .gate()
                        .judge(Fixture.ROLE, facts(20, active(112, 19)))
                        .kind())
                .isEqualTo(VerdictKind.OPEN);
    }

    private static waypost.core.measure.Reading active(double degrees, int day) {
        waypost.core.measure.Reading passive = flexion(degrees, day);
        return new waypost.core.measure.Reading(
                passive.measure(),
                passive.side(),
                waypost.core.body.Mode.ACTIVE,
                passive.amount(),
                passive.date(),
                true,
                "tester",
                passive.tool(),
                passive.position());
    }

    @Test
    void isWrittenFromItsLastCaseOrItsPhase() {
        Opening.Case early = from(graftIs("tendon"), "day 10");
        Opening.Case late = from(graftIs("donor"), "day 30");
        Fixture both = new Fixture().asking(bend(60)).open(early).open(late);

        assertThat(writtenFrom(both)).contains(new CourseDay(30));
        assertThat(writtenFrom(both.answers(Answers.NONE.with("graft", "tendon"))))
                .contains(new CourseDay(10));
        assertThat(writtenFrom(new Fixture().asking(bend(60)).open(early))).isEmpty();
        assertThat(writtenFrom(new Fixture()
                        .asking(bend(60))
                        .open(new Opening.Case(
                                Condition.ALWAYS,
                                "",
                                Moment.parse("day 3"),
                                Optional.empty(),
                                Optional.of("second"),
                                List.of(),
                                Optional.empty()))))
                .contains(new CourseDay(14));
    }

    private static Optional<CourseDay> writtenFrom(Fixture fixture) {
        return fixture.resolved().openings().get(Fixture.ROLE).writtenFrom(Fixture.DAY_ZERO);
    }
}
