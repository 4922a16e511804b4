package waypost.core.runner;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.DAY_ZERO;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Limb;
import waypost.core.body.Side;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Support;
import waypost.core.function.WeightBearing;
import waypost.core.gate.Fixture;
import waypost.core.gate.LadderCourse;
import waypost.core.limit.Allowed;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.LimbQuantity;
import waypost.core.measure.Measure;
import waypost.core.measure.MeasuringError;
import waypost.core.measure.Method;
import waypost.core.measure.Taken;
import waypost.core.measure.Unit;
import waypost.core.strength.BodyMass;

/** Kilograms from mass and share, worked by hand; the band never lies over the limit. */
class WeightTrainingTest {

    /** A tenth and at least a kilogram, twice, beneath what is allowed. */
    @ParameterizedTest
    @CsvSource({
        "25,80,16,18,20",
        "50,70,28,31.5,35",
        "20,60,9.6,10.8,12",
        "10,60,4,5,6",
        "2,60,0,0.2,1.2",
        "100,50,40,45,50"
    })
    void theBandLiesBeneathTheLimit(double percent, double mass, double least, double target, double most) {
        WeightBearing band = WeightBearing.upTo(BodyShare.ofPercent(percent), new BodyMass(mass));
        assertThat(band.least()).isCloseTo(least, near());
        assertThat(band.target()).isCloseTo(target, near());
        assertThat(band.most()).isCloseTo(most, near());
    }

    private static Offset<Double> near() {
        return Offset.offset(1e-9);
    }

    private static AmountLimit<BodyShare> limit(String id, double percent, Optional<Support> support) {
        Allowed<BodyShare> allowed = percent == 0 ? Allowed.nothing() : Allowed.within(BodyShare.ofPercent(percent));
        return new AmountLimit<>(
                Fixture.head(id), new LimbQuantity.Share(Limb.LEG, support), Fixture.sixWeeks(allowed));
    }

    private static LadderCourse weighing(double kilograms, int day) {
        Measure mass = new Measure(
                "body-mass",
                "Body mass",
                Unit.KILOGRAMS,
                Optional.empty(),
                Optional.empty(),
                MeasuringError.of(1),
                List.of(),
                60,
                false,
                Measure.Better.LOWER,
                2,
                400,
                Optional.empty(),
                OptionalInt.empty(),
                Taken.by(Method.NUMBER),
                "test");
        return new LadderCourse().measure(mass).reading(Fixture.reading(mass, Side.RIGHT, kilograms, day));
    }

    @Test
    void theStrictestLimitOfTheDayCounts() {
        WeightTraining training = WeightTraining.of(weighing(80, 1)
                        .limit(limit("half", 50, Optional.empty()))
                        .limit(limit("quarter", 25, Optional.of(Support.BOTH)))
                        .limit(limit("alone", 10, Optional.of(Support.ONE)))
                        .standing())
                .training()
                .orElseThrow();
        assertThat(training.most()).isEqualTo(BodyShare.ofPercent(25));
        assertThat(training.limit().limit().limit().head().id()).isEqualTo("quarter");
        assertThat(training.band().most()).isEqualTo(20);
    }

    @Test
    void whatIsMissingIsSaid() {
        assertThat(WeightTraining.of(weighing(80, 1).standing()).missing()).contains(WeightTraining.Missing.NO_LIMIT);
        assertThat(WeightTraining.of(weighing(80, 1)
                                .limit(limit("none", 0, Optional.empty()))
                                .limit(limit("half", 50, Optional.empty()))
                                .standing())
                        .missing())
                .contains(WeightTraining.Missing.NO_WEIGHT_AT_ALL);
        assertThat(WeightTraining.of(new LadderCourse()
                                .limit(limit("half", 50, Optional.empty()))
                                .standing())
                        .missing())
                .contains(WeightTraining.Missing.NO_MASS);
        assertThat(WeightTraining.of(weighing(80, -30)
                                .limit(limit("half", 50, Optional.empty()))
                                .standing())
                        .missing())
                .contains(WeightTraining.Missing.NO_MASS);
        assertThat(LadderCourse.DATE).isEqualTo(DAY_ZERO.plusDays(40));
    }

    /** Later and less from step to step. */
    @Test
    void tellingFades() {
        List<WeightTraining.Told> steps = WeightTraining.steps();
        assertThat(steps).hasSize(10).isSorted();
    }
}
