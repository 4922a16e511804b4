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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.criterion.Criterion;
import waypost.core.criterion.CriterionHead;
import waypost.core.log.Evidence;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.measure.Unit;

/** Each kind of criterion at the bound, beside it, missing, out of date and within the tool's error. */
class ReviewTest {

    private static final Measure TORQUE = measure("torque", Unit.NEWTON_METRES, Measure.Better.HIGHER, 42, 600);
    private static final Measure PAIN = measure("pain", Unit.SCORE, Measure.Better.LOWER, 14, 10);
    private static final Measure EFFUSION = measure("effusion", Unit.EFFUSION_GRADE, Measure.Better.LOWER, 14, 4);
    private static final Measure GAIT = measure("gait", Unit.SEEN, Measure.Better.HIGHER, 14, 1);
    private static final Criterion BEND =
            new Criterion.Reach(CriterionHead.of("bend", "b"), FLEXION, Mode.PASSIVE, FLEXION.amount(90));
    private static final Criterion EQUAL =
            new Criterion.Deficit(CriterionHead.of("equal", "e"), EXTENSION, Mode.PASSIVE, EXTENSION.amount(0));

    private static Measure measure(String id, Unit unit, Measure.Better better, int validDays, double most) {
        return new Measure(
                id,
                id,
                unit,
                Optional.empty(),
                Optional.empty(),
                0,
                List.of(),
                validDays,
                true,
                better,
                0,
                most,
                Optional.empty(),
                OptionalInt.empty(),
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
                Optional.empty());
    }
}
