package waypost.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Mode;
import waypost.core.body.Side;

class MeasuringErrorTest {

    private static final MeasuringError FORCE = new MeasuringError(0, 15, OptionalDouble.empty());
    private static final MeasuringError WALK = new MeasuringError(60, 0, OptionalDouble.of(30));

    private static Measure measure(Unit unit, MeasuringError error) {
        return new Measure(
                "measure",
                "measure",
                unit,
                Optional.empty(),
                Optional.empty(),
                error,
                List.of(),
                28,
                false,
                Measure.Better.HIGHER,
                0,
                1200,
                Optional.empty(),
                OptionalInt.empty(),
                Taken.by(Method.NUMBER),
                "test");
    }

    private static Reading reading(Unit unit, double value, int day) {
        return Reading.usual(
                measure(unit, MeasuringError.NONE),
                Side.RIGHT,
                Mode.ACTIVE,
                Amount.of(value, unit),
                LocalDate.of(2031, 3, day),
                true,
                "rater");
    }

    @ParameterizedTest
    @CsvSource({"100,114,false", "100,118,true", "100,84,true", "100,88,false"})
    void aForceHasToChangeByAShareOfItself(double before, double now, boolean change) {
        Measure torque = measure(Unit.NEWTON_METRES, FORCE);

        assertThat(torque.isChange(reading(Unit.NEWTON_METRES, before, 1), reading(Unit.NEWTON_METRES, now, 8)))
                .isEqualTo(change);
    }

    @ParameterizedTest
    @CsvSource({"400,459,false", "400,460,true", "400,340,true"})
    void aWalkHasToChangeBySixtyMetres(double before, double now, boolean change) {
        Measure walk = measure(Unit.METRES, WALK);

        assertThat(walk.isChange(reading(Unit.METRES, before, 1), reading(Unit.METRES, now, 8)))
                .isEqualTo(change);
    }

    @Test
    void equalReadingsAreNoChangeEvenWhereNoErrorIsKnown() {
        Measure count = measure(Unit.COUNT, MeasuringError.NONE);

        assertThat(count.isChange(reading(Unit.COUNT, 4, 1), reading(Unit.COUNT, 4, 8)))
                .isFalse();
        assertThat(count.isChange(reading(Unit.COUNT, 4, 1), reading(Unit.COUNT, 5, 8)))
                .isTrue();
    }

    /** Between grades no distance means anything. */
    @Test
    void gradesHaveNoChangeThatCouldBeTold() {
        Measure grade = measure(Unit.MUSCLE_GRADE, MeasuringError.NONE);

        assertThat(grade.isChange(reading(Unit.MUSCLE_GRADE, 3, 1), reading(Unit.MUSCLE_GRADE, 4, 8)))
                .isFalse();
    }

    @Test
    void theGreaterOfBothErrorsCounts() {
        MeasuringError both = new MeasuringError(6, 10, OptionalDouble.empty());

        assertThat(both.at(20)).isEqualTo(6);
        assertThat(both.at(100)).isEqualTo(10);
        assertThat(both.at(-100)).isEqualTo(10);
    }

    @Test
    void refusesWhatIsNoError() {
        assertThatThrownBy(() -> new MeasuringError(-1, 0, OptionalDouble.empty()))
                .hasMessageContaining("found -1.0");
        assertThatThrownBy(() -> new MeasuringError(0, 100, OptionalDouble.empty()))
                .hasMessageContaining("100");
        assertThatThrownBy(() -> new MeasuringError(0, 0, OptionalDouble.of(0))).hasMessageContaining("important");
    }
}
