package waypost.core.doubt;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.gate.Fixture;
import waypost.core.measure.Measure;
import waypost.core.measure.MeasuringError;
import waypost.core.measure.Method;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.measure.Taken;
import waypost.core.measure.Tool;
import waypost.core.measure.Unit;

class DoubtsTest {

    private static final Doubts DOUBTS = new Doubts(Side.RIGHT, Fixture.DAY_ZERO);
    private static final Measure TORQUE = new Measure(
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
            1,
            600,
            Optional.empty(),
            OptionalInt.empty(),
            Taken.by(Method.FORCE),
            "test");

    private static Reading reading(Measure measure, Side side, Mode mode, double value, int day) {
        return Reading.usual(
                measure, side, mode, measure.amount(value), Fixture.DAY_ZERO.plusDays(day), true, "tester");
    }

    private static List<Doubt> about(Measure measure, Reading reading, Reading... known) {
        return DOUBTS.about(measure, reading, new Readings(List.of(known)));
    }

    @ParameterizedTest
    @CsvSource({"105,0", "106,1"})
    void activeBeyondPassiveByMoreThanTheErrorIsContradictory(double active, int found) {
        Reading passive = reading(Fixture.FLEXION, Side.RIGHT, Mode.PASSIVE, 100, 10);
        Reading entered = reading(Fixture.FLEXION, Side.RIGHT, Mode.ACTIVE, active, 10);

        assertThat(about(Fixture.FLEXION, entered, passive)).hasSize(found);
        assertThat(about(Fixture.FLEXION, passive, entered)).hasSize(found);
        assertThat(about(Fixture.FLEXION, reading(Fixture.FLEXION, Side.RIGHT, Mode.ACTIVE, active, 11), passive))
                .isEmpty();
    }

    /** Six times the error within two weeks, either way: common practice, no source. */
    @ParameterizedTest
    @CsvSource({"119,24,0", "120,24,1", "120,25,0", "60,24,1", "61,24,0"})
    void aJumpWithinDaysIsUnlikely(double value, int day, int found) {
        assertThat(about(
                        Fixture.FLEXION,
                        reading(Fixture.FLEXION, Side.RIGHT, Mode.PASSIVE, value, day),
                        reading(Fixture.FLEXION, Side.RIGHT, Mode.PASSIVE, 90, 10)))
                .hasSize(found)
                .allMatch(doubt -> doubt instanceof Doubt.UnlikelyJump);
    }

    @Test
    void surgeryExplainsAJump() {
        assertThat(about(
                        Fixture.FLEXION,
                        reading(Fixture.FLEXION, Side.RIGHT, Mode.PASSIVE, 60, 1),
                        reading(Fixture.FLEXION, Side.RIGHT, Mode.PASSIVE, 130, -2)))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"149,0", "150,1", "66,1", "67,0"})
    void halfAsStrongAgainIsUnlikelyWhereNoErrorIsKnown(double value, int found) {
        assertThat(about(
                        TORQUE,
                        reading(TORQUE, Side.RIGHT, Mode.ACTIVE, value, 60),
                        reading(TORQUE, Side.RIGHT, Mode.ACTIVE, 100, 50)))
                .hasSize(found);
    }

    /** Symmetry flatters when the other side has weakened too; a tenth is common practice, no source. */
    @ParameterizedTest
    @CsvSource({"LEFT,180,0", "LEFT,179,1", "RIGHT,100,0"})
    void theOtherSideWeakerThanBeforeSurgeryIsTold(Side side, double now, int found) {
        Reading entered = reading(TORQUE, side, Mode.ACTIVE, now, 90);

        assertThat(about(TORQUE, entered, reading(TORQUE, side, Mode.ACTIVE, 200, -5)))
                .filteredOn(doubt -> doubt instanceof Doubt.OtherSideWeaker)
                .hasSize(found);
    }

    @Test
    void anotherToolThanLastTimeIsTold() {
        Reading before = reading(TORQUE, Side.RIGHT, Mode.ACTIVE, 100, 50);
        Reading fixed = new Reading(
                TORQUE.id(),
                Side.RIGHT,
                Mode.ACTIVE,
                TORQUE.amount(104),
                Fixture.DAY_ZERO.plusDays(60),
                true,
                "tester",
                Optional.of(Tool.FIXED_DYNAMOMETER),
                Optional.empty());

        assertThat(about(TORQUE, fixed, before)).containsExactly(new Doubt.TakenOtherwise(TORQUE, fixed, before));
    }
}
