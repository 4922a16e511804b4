package waypost.core.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.MeasuringError;
import waypost.core.measure.Method;
import waypost.core.measure.Taken;
import waypost.core.measure.Unit;

class HandTreatmentTest {

    private static final Measure BEND = range(Motion.KNEE_FLEXION, Direction.POSITIVE, Unit.DEGREES);
    private static final Measure STRAIGHT = range(Motion.KNEE_FLEXION, Direction.NEGATIVE, Unit.DEGREES);

    private static Measure range(Motion motion, Direction end, Unit unit) {
        return new Measure(
                "range",
                "Range",
                unit,
                Optional.of(motion),
                Optional.of(end),
                MeasuringError.of(5),
                List.of(),
                14,
                true,
                end == Direction.POSITIVE ? Measure.Better.HIGHER : Measure.Better.LOWER,
                -180,
                180,
                Optional.empty(),
                OptionalInt.empty(),
                Taken.by(Method.ANGLE),
                "made up");
    }

    private static HandTreatment treated(Measure range, double from, double to) {
        return new HandTreatment(
                range, Technique.HELD_STRETCH, Amount.of(from, Unit.DEGREES), Amount.of(to, Unit.DEGREES));
    }

    /** Worked by hand, with an error of 5°: a knee that lacks 12° and then 4° has gained 8°. */
    @ParameterizedTest
    @CsvSource({"80, 88, 8, true", "80, 84, 4, false", "80, 85, 5, true", "80, 70, -10, false"})
    void whatIsGainedOfABend(double from, double to, double gained, boolean gain) {
        assertThat(treated(BEND, from, to).gained()).isEqualTo(gained);
        assertThat(treated(BEND, from, to).isGain()).isEqualTo(gain);
    }

    @ParameterizedTest
    @CsvSource({"12, 4, 8, true", "4, 12, -8, false", "3, -3, 6, true"})
    void whatIsGainedOfStraightening(double from, double to, double gained, boolean gain) {
        assertThat(treated(STRAIGHT, from, to).gained()).isEqualTo(gained);
        assertThat(treated(STRAIGHT, from, to).isGain()).isEqualTo(gain);
    }

    /** Of 80 → 90: 85 is half of it, 92 is all, 78 is none; of a gain that is none nothing is kept. */
    @ParameterizedTest
    @CsvSource({"85, 50", "92, 100", "78, 0"})
    void whatIsKeptOfIt(double later, double percent) {
        assertThat(treated(BEND, 80, 90).keptPercent(Amount.of(later, Unit.DEGREES)))
                .contains(percent);
        assertThat(treated(BEND, 80, 83).keptPercent(Amount.of(later, Unit.DEGREES)))
                .isEmpty();
    }

    @Test
    void onlyDegreesAtOneEndOfAMotionAreTreated() {
        assertThatThrownBy(() -> treated(range(Motion.KNEE_FLEXION, Direction.POSITIVE, Unit.CENTIMETRES), 80, 90))
                .hasMessageContaining("allowed: a measure in degrees");
    }

    /** Whatever hands do, somebody else moves the joint; only letting it tighten asks work of a muscle. */
    @ParameterizedTest
    @EnumSource
    void theJointIsCarriedAndOnlyTighteningWorks(Technique technique) {
        for (Motion motion : Motion.values()) {
            for (Direction toward : Direction.values()) {
                List<Demand> asked = technique.asks(motion, toward, Arc.between(0, 10));

                assertThat(asked.get(0)).isInstanceOfSatisfying(Demand.Movement.class, movement -> {
                    assertThat(movement.mode()).isEqualTo(Mode.PASSIVE);
                    assertThat(movement.end()).isNotEqualTo(EndRange.OVERPRESSURE);
                });
                assertThat(asked.stream()
                                .filter(Demand.TissueLoad.class::isInstance)
                                .map(Demand.TissueLoad.class::cast)
                                .filter(load -> load.mode() != Mode.PASSIVE))
                        .matches(working -> working.isEmpty() != (technique == Technique.TIGHTEN_AND_LET_GO));
            }
        }
    }
}
