package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.criterion.Criterion;
import waypost.core.measure.Derived;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.measure.Unit;
import waypost.library.bundle.Bundle;

/** The handbook's detectable changes, all of them from memory there. */
class MeasuresTableTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;

    private static Measure measure(String id) {
        return BUNDLE.measures().stream()
                .filter(measure -> measure.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "timed-up-and-go,12,2.5",
        "six-minute-walk,400,60",
        "single-hop,100,8",
        "triple-hop,300,24",
        "patient-specific-score,5,2",
        "short-arm-score,40,12",
        "grip-strength,30,6",
        "quadriceps-torque-90,200,30",
        "shoulder-external-strength,40,6",
        "lower-extremity-score,60,9",
        "knee-flexion,90,5"
    })
    void tellsWhatIsNoChange(String id, double at, double error) {
        assertThat(measure(id).error().at(at)).isEqualTo(error);
    }

    @ParameterizedTest
    @CsvSource({"pain-next-morning,2", "patient-specific-score,2", "lower-extremity-score,9"})
    void tellsWhatIsWorthWhile(String id, double important) {
        assertThat(measure(id).error().important()).hasValue(important);
    }

    /** A small loss of knee extension must not hide behind an error: its milestone wants no less than the other side. */
    @Test
    void everyNumberThatFeedsAMilestoneHasAnErrorOrIsARating() {
        Set<String> without = BUNDLE.protocols().stream()
                .flatMap(protocol -> protocol.criteria().stream())
                .flatMap(criterion -> Stream.concat(Stream.of(criterion), criterion.within()))
                .filter(Criterion.Measured.class::isInstance)
                .map(criterion -> ((Criterion.Measured) criterion).measure())
                .filter(measure -> measure.unit().hasDistances() && measure.unit() != Unit.SCORE)
                .filter(measure -> measure.error().at(1) == 0)
                .map(Measure::id)
                .collect(Collectors.toSet());

        assertThat(without).containsExactly("extension-lag");
    }

    /** Outward 90 and inward 70, which stands at -70 on its axis, are an arc of 160. */
    @Test
    void theArcOfRotationIsFromOneEndToTheOther() {
        LocalDate day = LocalDate.of(2031, 3, 1);
        Readings both = new Readings(List.of(
                reading("shoulder-external-rotation", 90, day), reading("shoulder-internal-rotation", -70, day)));

        assertThat(new Derived(List.of(measure("rotation-arc")))
                        .in(both)
                        .latestStrict("rotation-arc", Side.RIGHT, Mode.ACTIVE)
                        .map(arc -> arc.amount().value()))
                .contains(160.0);
    }

    private static Reading reading(String id, double value, LocalDate day) {
        return Reading.usual(measure(id), Side.RIGHT, Mode.PASSIVE, measure(id).amount(value), day, true, "tester");
    }

    /** Ends that lie beyond zero stand at negative degrees: a positive bound would be met by a joint that does not move. */
    @Test
    void noMilestoneOfRangeIsMetByAJointThatDoesNotMove() {
        assertThat(BUNDLE.protocols().stream()
                        .flatMap(protocol -> protocol.criteria().stream())
                        .filter(Criterion.Reach.class::isInstance)
                        .map(Criterion.Reach.class::cast)
                        .filter(reach -> reach.measure().better() == Measure.Better.LOWER
                                && reach.measure()
                                        .norm()
                                        .filter(norm -> norm.value() < 0)
                                        .isPresent()
                                && reach.bound().value() > 0)
                        .map(Criterion::id))
                .isEmpty();
    }
}
