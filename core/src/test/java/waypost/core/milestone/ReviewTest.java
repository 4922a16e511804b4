package waypost.core.milestone;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.DAY_ZERO;
import static waypost.core.gate.Fixture.EXTENSION;
import static waypost.core.gate.Fixture.FLEXION;
import static waypost.core.gate.Fixture.flexion;
import static waypost.core.gate.Fixture.reading;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.criterion.Criterion;
import waypost.core.criterion.CriterionHead;
import waypost.core.log.Attestation;
import waypost.core.log.Evidence;
import waypost.core.log.Session;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.MeasuringError;
import waypost.core.measure.Method;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.measure.Taken;
import waypost.core.measure.Tool;
import waypost.core.measure.Unit;
import waypost.core.protocol.FollowUp;
import waypost.core.question.Condition;
import waypost.core.time.Clocks;
import waypost.core.time.Moment;

/** Each kind of criterion at the bound, beside it, missing, out of date and within the tool's error. */
class ReviewTest {

    private static final Measure TORQUE = measure("torque", Unit.NEWTON_METRES, Measure.Better.HIGHER, 42, 600);
    private static final Measure PAIN = measure("pain", Unit.SCORE, Measure.Better.LOWER, 14, 10);
    private static final Measure EFFUSION = measure("effusion", Unit.EFFUSION_GRADE, Measure.Better.LOWER, 14, 4);
    private static final Measure GAIT = measure("gait", Unit.SEEN, Measure.Better.HIGHER, 14, 1);
    private static final Criterion BEND =
            new Criterion.Reach(CriterionHead.of("bend", "b"), FLEXION, Mode.PASSIVE, FLEXION.amount(90));
    private static final Criterion EQUAL = deficit(Criterion.Deficit.Against.OTHER_SIDE);

    private static Criterion deficit(Criterion.Deficit.Against against) {
        return new Criterion.Deficit(
                CriterionHead.of("equal", "e"), EXTENSION, Mode.PASSIVE, EXTENSION.amount(0), against);
    }

    private static Measure measure(String id, Unit unit, Measure.Better better, int validDays, double most) {
        return new Measure(
                id,
                id,
                unit,
                Optional.empty(),
                Optional.empty(),
                MeasuringError.NONE,
                List.of(),
                validDays,
                true,
                better,
                0,
                most,
                Optional.empty(),
                OptionalInt.empty(),
                Taken.by(Method.ANGLE),
                "test");
    }

    private static MilestoneState state(Criterion criterion, int day, Reading... readings) {
        return Review.of(
                        List.of(criterion),
                        Evidence.of(new Readings(List.of(readings))),
                        Yardstick.otherSide(Side.RIGHT, DAY_ZERO),
                        DAY_ZERO.plusDays(day))
                .get(0)
                .state();
    }

    @ParameterizedTest
    @CsvSource({"89,NOT_MET", "90,PENDING", "94,PENDING", "95,MET", "96,MET"})
    void rangeCountsOnceItIsMetByMoreThanTheToolsError(double measured, MilestoneState state) {
        assertThat(state(BEND, 20, flexion(measured, 20))).isEqualTo(state);
    }

    @Test
    void aSecondReadingOnAnotherDayTurnsPendingIntoMet() {
        assertThat(state(BEND, 20, flexion(91, 20), flexion(92, 20))).isEqualTo(MilestoneState.PENDING);
        assertThat(state(BEND, 20, flexion(91, 17), flexion(92, 20))).isEqualTo(MilestoneState.MET);
        assertThat(state(BEND, 20, flexion(88, 17), flexion(92, 20))).isEqualTo(MilestoneState.PENDING);
    }

    @Test
    void isMissingWithoutAReadingAndIgnoresCompensatedOnes() {
        Reading compensated = new Reading(
                FLEXION.id(),
                Side.RIGHT,
                Mode.PASSIVE,
                FLEXION.amount(120),
                DAY_ZERO.plusDays(20),
                false,
                "tester",
                Optional.empty(),
                Optional.empty());

        assertThat(state(BEND, 20)).isEqualTo(MilestoneState.MISSING);
        assertThat(state(BEND, 20, compensated)).isEqualTo(MilestoneState.MISSING);
    }

    @ParameterizedTest
    @CsvSource({"14,MET", "15,OUT_OF_DATE"})
    void aReadingCountsAsLongAsItsMeasureSays(int age, MilestoneState state) {
        assertThat(state(BEND, 30, flexion(120, 30 - age))).isEqualTo(state);
    }

    @Test
    void readingsAfterTheDayThatIsAskedAboutDoNotCount() {
        assertThat(state(BEND, 20, flexion(120, 21))).isEqualTo(MilestoneState.MISSING);
    }

    /** Whoever lacks extension is not hidden by the tool's error: equal needs equal, twice. */
    @Test
    void smallLossOfExtensionIsNotHiddenByTheError() {
        Reading other = reading(EXTENSION, Side.LEFT, -3, 1);

        assertThat(state(EQUAL, 20, other, reading(EXTENSION, Side.RIGHT, 0, 20)))
                .isEqualTo(MilestoneState.NOT_MET);
        assertThat(state(EQUAL, 20, other, reading(EXTENSION, Side.RIGHT, -3, 20)))
                .isEqualTo(MilestoneState.PENDING);
        assertThat(state(
                        EQUAL,
                        20,
                        other,
                        reading(EXTENSION, Side.RIGHT, -3, 17),
                        reading(EXTENSION, Side.RIGHT, -3, 20)))
                .isEqualTo(MilestoneState.MET);
        assertThat(state(EQUAL, 20, reading(EXTENSION, Side.RIGHT, -3, 20))).isEqualTo(MilestoneState.MISSING);
    }

    /** An elbow that never was straight: its own value counts, whatever the other side does. */
    @Test
    void aDeficitMayBeMeasuredAgainstTheValueFromBeforeSurgery() {
        Criterion asBefore = deficit(Criterion.Deficit.Against.BEFORE_SURGERY);
        Reading before = reading(EXTENSION, Side.RIGHT, 10, -5);
        Reading other = reading(EXTENSION, Side.LEFT, 0, 1);

        assertThat(asBefore(
                        asBefore,
                        other,
                        before,
                        reading(EXTENSION, Side.RIGHT, 10, 17),
                        reading(EXTENSION, Side.RIGHT, 10, 20)))
                .isEqualTo(MilestoneState.MET);
        assertThat(asBefore(asBefore, other, before, reading(EXTENSION, Side.RIGHT, 15, 20)))
                .isEqualTo(MilestoneState.NOT_MET);
        assertThat(asBefore(asBefore, other, reading(EXTENSION, Side.RIGHT, 10, 20)))
                .isEqualTo(MilestoneState.MISSING);
    }

    private static MilestoneState asBefore(Criterion criterion, Reading... readings) {
        Readings all = new Readings(List.of(readings));
        return Review.of(
                        List.of(criterion),
                        Evidence.of(new Readings(all.all().stream()
                                .filter(reading -> !reading.date().isBefore(DAY_ZERO))
                                .toList())),
                        new Yardstick(Side.RIGHT, true, all, Clocks.startingOn(DAY_ZERO), List.of()),
                        DAY_ZERO.plusDays(20))
                .get(0)
                .state();
    }

    @ParameterizedTest
    @CsvSource({"143,NOT_MET", "144,MET", "145,MET"})
    void symmetryComparesWithTheOtherSide(double operated, MilestoneState state) {
        Criterion eighty = new Criterion.SymmetryAtLeast(CriterionHead.of("s", "s"), TORQUE, Mode.ACTIVE, 80);

        assertThat(state(eighty, 20, active(TORQUE, Side.RIGHT, operated, 20), active(TORQUE, Side.LEFT, 180, 20)))
                .isEqualTo(state);
        assertThat(state(eighty, 20, active(TORQUE, Side.RIGHT, operated, 20))).isEqualTo(MilestoneState.MISSING);
        assertThat(state(eighty, 70, active(TORQUE, Side.RIGHT, operated, 70), active(TORQUE, Side.LEFT, 180, 20)))
                .isEqualTo(MilestoneState.OUT_OF_DATE);
    }

    @ParameterizedTest
    @CsvSource({"1,MET", "2,MET", "3,NOT_MET"})
    void painAndEffusionMustNotBeMore(double found, MilestoneState state) {
        Criterion pain = new Criterion.Reach(CriterionHead.of("p", "p"), PAIN, Mode.ACTIVE, PAIN.amount(2));
        Criterion effusion = new Criterion.Reach(CriterionHead.of("e", "e"), EFFUSION, Mode.ACTIVE, EFFUSION.amount(2));

        assertThat(state(pain, 20, active(PAIN, Side.RIGHT, found, 20))).isEqualTo(state);
        assertThat(state(effusion, 20, active(EFFUSION, Side.RIGHT, found, 20))).isEqualTo(state);
    }

    @ParameterizedTest
    @CsvSource({"0,NOT_MET", "1,MET"})
    void observedIsSeenOrNot(double seen, MilestoneState state) {
        assertThat(state(
                        new Criterion.Observed(CriterionHead.of("o", "o"), GAIT),
                        20,
                        active(GAIT, Side.RIGHT, seen, 20)))
                .isEqualTo(state);
    }

    private static Reading active(Measure measure, Side side, double value, int day) {
        return new Reading(
                measure.id(),
                side,
                Mode.ACTIVE,
                Amount.of(value, measure.unit()),
                DAY_ZERO.plusDays(day),
                true,
                "tester",
                Optional.empty(),
                Optional.empty());
    }

    @ParameterizedTest
    @CsvSource({"84,MET", "85,MET", "86,PENDING", "90,PENDING", "91,NOT_MET"})
    void tooFarTooEarlyIsNotMet(double measured, MilestoneState state) {
        Criterion most90 =
                new Criterion.NoFurther(CriterionHead.of("n", "n"), FLEXION, Mode.PASSIVE, FLEXION.amount(90));

        assertThat(state(most90, 20, flexion(measured, 20))).isEqualTo(state);
    }

    @ParameterizedTest
    @CsvSource({"65,NOT_MET", "66,MET", "76,MET", "77,NOT_MET"})
    void aRatioLiesBetweenItsBounds(double outward, MilestoneState state) {
        Measure inward = measure("inward", Unit.NEWTON_METRES, Measure.Better.HIGHER, 42, 600);
        Criterion ratio = new Criterion.RatioBetween(CriterionHead.of("r", "r"), TORQUE, inward, Mode.ACTIVE, 66, 76);

        assertThat(state(ratio, 20, active(TORQUE, Side.RIGHT, outward, 20), active(inward, Side.RIGHT, 100, 20)))
                .isEqualTo(state);
        assertThat(state(ratio, 20, active(TORQUE, Side.RIGHT, outward, 20))).isEqualTo(MilestoneState.MISSING);
        assertThat(state(ratio, 63, active(TORQUE, Side.RIGHT, outward, 63), active(inward, Side.RIGHT, 100, 20)))
                .isEqualTo(MilestoneState.OUT_OF_DATE);
    }

    private static MilestoneState state(Criterion criterion, int day, Evidence evidence) {
        return Review.of(
                        List.of(criterion), evidence, Yardstick.otherSide(Side.RIGHT, DAY_ZERO), DAY_ZERO.plusDays(day))
                .get(0)
                .state();
    }

    @ParameterizedTest
    @CsvSource({"9,MISSING", "10,MET", "40,MET", "41,OUT_OF_DATE"})
    void whatIsAttestedCountsFromItsDayAndLapses(int day, MilestoneState state) {
        Criterion taught = new Criterion.Attested(
                new CriterionHead("t", "t", false, OptionalInt.of(30)), Criterion.Attested.Kind.TAUGHT_BACK, "x");
        Evidence evidence =
                new Evidence(Readings.NONE, List.of(new Attestation("t", DAY_ZERO.plusDays(10), "tester")), List.of());

        assertThat(state(taught, day, evidence)).isEqualTo(state);
    }

    @ParameterizedTest
    @CsvSource({"12,NOT_MET", "14,MET", "16,NOT_MET", "9,MISSING"})
    void toleratedNeedsSessionsInARowWithoutAFlare(int day, MilestoneState state) {
        Criterion three = new Criterion.Tolerated(CriterionHead.of("t", "t"), Set.of("squat"), 3);
        Evidence evidence = new Evidence(
                Readings.NONE,
                List.of(),
                List.of(session(10, false), session(12, false), session(14, false), session(16, true)));

        assertThat(state(three, day, evidence)).isEqualTo(state);
    }

    private static Session session(int day, boolean flared) {
        return new Session(DAY_ZERO.plusDays(day), Set.of("squat", "other"), flared);
    }

    @ParameterizedTest
    @CsvSource({"ANY,95,3,MET", "ANY,80,3,NOT_MET", "ALL,95,3,NOT_MET", "ALL,95,1,MET", "ALL,91,1,PENDING"})
    void severalTakeTheBestOrTheWorst(Criterion.Several.Wanted wanted, double bend, double pain, MilestoneState state) {
        Criterion quiet = new Criterion.Reach(CriterionHead.of("q", "q"), PAIN, Mode.ACTIVE, PAIN.amount(2));
        Criterion both = new Criterion.Several(CriterionHead.of("s", "s"), wanted, List.of(BEND, quiet));

        assertThat(state(both, 20, flexion(bend, 20), active(PAIN, Side.RIGHT, pain, 20)))
                .isEqualTo(state);
    }

    @Test
    void aLatchedMilestoneStaysMetAndALiveOneIsLostAgain() {
        Criterion latched = new Criterion.Reach(
                new CriterionHead("l", "l", true, OptionalInt.empty()), FLEXION, Mode.PASSIVE, FLEXION.amount(90));

        assertThat(state(BEND, 20, flexion(100, 10), flexion(80, 18))).isEqualTo(MilestoneState.NOT_MET);
        assertThat(state(latched, 20, flexion(100, 10), flexion(80, 18))).isEqualTo(MilestoneState.MET);
        assertThat(state(latched, 60, flexion(100, 10))).isEqualTo(MilestoneState.MET);
        assertThat(state(latched, 20, flexion(80, 18))).isEqualTo(MilestoneState.NOT_MET);
        assertThat(state(latched, 20, flexion(92, 18))).isEqualTo(MilestoneState.PENDING);
    }

    @ParameterizedTest
    @CsvSource({"7,MET", "8,OUT_OF_DATE"})
    void aCriterionMaySayHowOldItsEvidenceMayBe(int age, MilestoneState state) {
        Criterion strict = new Criterion.Reach(
                new CriterionHead("s", "s", false, OptionalInt.of(7)), FLEXION, Mode.PASSIVE, FLEXION.amount(90));

        assertThat(state(strict, 30, flexion(120, 30 - age))).isEqualTo(state);
    }

    /** By eye the error is 15°: 104 is pending where a goniometer's 104 is met. */
    @Test
    void theErrorIsThatOfTheToolInHand() {
        Reading byEye = new Reading(
                FLEXION.id(),
                Side.RIGHT,
                Mode.PASSIVE,
                FLEXION.amount(104),
                DAY_ZERO.plusDays(20),
                true,
                "tester",
                Optional.of(Tool.BY_EYE),
                Optional.empty());

        assertThat(state(BEND, 20, byEye)).isEqualTo(MilestoneState.PENDING);
        assertThat(state(BEND, 20, flexion(104, 20))).isEqualTo(MilestoneState.MET);
        assertThat(FLEXION.errorBetween(byEye, flexion(104, 20))).isEqualTo(15);
    }

    /** Own value from before surgery, else what is expected by now, the norm last. */
    @Test
    void withoutAHealthyOtherSideAnotherYardstickServes() {
        Measure normed = new Measure(
                "torque",
                "torque",
                Unit.NEWTON_METRES,
                Optional.empty(),
                Optional.empty(),
                MeasuringError.NONE,
                List.of(),
                42,
                true,
                Measure.Better.HIGHER,
                0,
                600,
                Optional.of(new Measure.Norm(200, "test")),
                OptionalInt.empty(),
                Taken.by(Method.ANGLE),
                "test");
        Criterion eighty = new Criterion.SymmetryAtLeast(CriterionHead.of("s", "s"), normed, Mode.ACTIVE, 80);
        Reading now = active(normed, Side.RIGHT, 120, 20);

        assertThat(basis(eighty, List.of(), now, active(normed, Side.RIGHT, 150, -10)))
                .isEqualTo(Yardstick.Basis.BEFORE_SURGERY + " MET");
        assertThat(basis(eighty, List.of(corridor(130)), now)).isEqualTo(Yardstick.Basis.CORRIDOR + " MET");
        assertThat(basis(eighty, List.of(), now)).isEqualTo(Yardstick.Basis.NORM + " NOT_MET");
    }

    private static FollowUp.Corridor corridor(double low) {
        return new FollowUp.Corridor(
                "torque",
                List.of(
                        new FollowUp.Point(Moment.parse("day 0"), low, 300),
                        new FollowUp.Point(Moment.parse("day 21"), 290, 300)),
                Condition.ALWAYS);
    }

    private static String basis(Criterion criterion, List<FollowUp.Corridor> corridors, Reading... readings) {
        Yardstick yardstick = new Yardstick(
                Side.RIGHT, false, new Readings(List.of(readings)), Clocks.startingOn(DAY_ZERO), corridors);
        Milestone milestone = Review.of(
                        List.of(criterion),
                        Evidence.of(new Readings(List.of(readings))),
                        yardstick,
                        DAY_ZERO.plusDays(20))
                .get(0);
        return milestone.basis().orElseThrow() + " " + milestone.state();
    }

    /** A ratio is bound to its device and position: one taken otherwise is no divisor. */
    @ParameterizedTest
    @CsvSource({"DYNAMOMETER,MET", "FIXED_DYNAMOMETER,MISSING"})
    void aRatioNeedsBothTakenAlike(Tool divisorBy, MilestoneState state) {
        Measure inward = measure("inward", Unit.NEWTON_METRES, Measure.Better.HIGHER, 42, 600);
        Criterion ratio =
                new Criterion.RatioBetween(CriterionHead.of("ratio", "r"), TORQUE, inward, Mode.ACTIVE, 66, 76);

        assertThat(state(ratio, 20, by(Tool.DYNAMOMETER, TORQUE, 70), by(divisorBy, inward, 100)))
                .isEqualTo(state);
    }

    private static Reading by(Tool tool, Measure measure, double value) {
        return new Reading(
                measure.id(),
                Side.RIGHT,
                Mode.ACTIVE,
                measure.amount(value),
                DAY_ZERO.plusDays(20),
                true,
                "tester",
                Optional.of(tool),
                Optional.of("seated"));
    }

    /** What has to be reached today: the bound, the other side less what may be missing, a share of the other side. */
    @Test
    void theGoalIsToldOnTheMeasuresOwnScale() {
        Criterion symmetry = new Criterion.SymmetryAtLeast(CriterionHead.of("even", "e"), TORQUE, Mode.PASSIVE, 80);
        Reading other = reading(TORQUE, Side.LEFT, 150, 20);

        assertThat(goal(BEND, flexion(70, 20))).isEqualTo(90);
        assertThat(goal(EQUAL, reading(EXTENSION, Side.RIGHT, 8, 20), reading(EXTENSION, Side.LEFT, -3, 20)))
                .isEqualTo(-3);
        assertThat(goal(symmetry, reading(TORQUE, Side.RIGHT, 90, 20), other)).isEqualTo(120);
    }

    private static double goal(Criterion criterion, Reading... readings) {
        return Review.of(
                        List.of(criterion),
                        Evidence.of(new Readings(List.of(readings))),
                        Yardstick.otherSide(Side.RIGHT, DAY_ZERO),
                        DAY_ZERO.plusDays(20))
                .get(0)
                .goal()
                .orElseThrow()
                .value();
    }
}
