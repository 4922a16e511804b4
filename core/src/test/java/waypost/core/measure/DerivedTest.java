package waypost.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.gate.Fixture;
import waypost.core.measure.Derivation.Counts;
import waypost.core.measure.Derivation.Term;

class DerivedTest {

    private static final LocalDate DAY = Fixture.DAY_ZERO.plusDays(20);
    private static final Measure LAG = derived(
            "lag",
            60,
            new Derivation(
                    List.of(
                            new Term(Fixture.EXTENSION.id(), Mode.ACTIVE, Counts.PLUS),
                            new Term(Fixture.EXTENSION.id(), Mode.PASSIVE, Counts.LESS)),
                    OptionalDouble.empty()));

    private static Measure derived(String id, double most, Derivation derivation) {
        return new Measure(
                id,
                id,
                Unit.DEGREES,
                Optional.empty(),
                Optional.empty(),
                MeasuringError.NONE,
                List.of(),
                14,
                false,
                Measure.Better.LOWER,
                0,
                most,
                Optional.empty(),
                OptionalInt.empty(),
                Taken.by(derivation),
                "test");
    }

    private static Reading extension(double value, Mode mode, LocalDate date) {
        return Reading.usual(
                Fixture.EXTENSION, Side.RIGHT, mode, Fixture.EXTENSION.amount(value), date, true, "tester");
    }

    private static Optional<Double> lag(Reading... readings) {
        return new Derived(List.of(LAG))
                .in(new Readings(List.of(readings)))
                .latestStrict("lag", Side.RIGHT, Mode.ACTIVE)
                .map(reading -> reading.amount().value());
    }

    /** A lag is passive less active extension; a knee that goes 5 beyond zero and is held at 5 short of it lags 10. */
    @ParameterizedTest
    @CsvSource({"0,8,8", "-5,5,10", "4,4,0", "4,2,0"})
    void aLagIsWhatTheMuscleCannotHold(double passive, double active, double lag) {
        assertThat(lag(extension(passive, Mode.PASSIVE, DAY), extension(active, Mode.ACTIVE, DAY)))
                .contains(lag);
    }

    @Test
    void needsBothOnOneDayAndTheLastOfEach() {
        assertThat(lag(extension(0, Mode.PASSIVE, DAY), extension(8, Mode.ACTIVE, DAY.plusDays(1))))
                .isEmpty();
        assertThat(lag(extension(0, Mode.PASSIVE, DAY), extension(8, Mode.ACTIVE, DAY), extension(3, Mode.ACTIVE, DAY)))
                .contains(3.0);
    }

    @Test
    void aCompensatedReadingDerivesNothing() {
        Reading compensated = Reading.usual(
                Fixture.EXTENSION, Side.RIGHT, Mode.ACTIVE, Fixture.EXTENSION.amount(2), DAY, false, "tester");

        assertThat(lag(extension(0, Mode.PASSIVE, DAY), compensated)).isEmpty();
    }

    @Test
    void whatSomebodyEnteredStays() {
        Reading entered = Reading.usual(LAG, Side.RIGHT, Mode.ACTIVE, LAG.amount(12), DAY, true, "somebody");

        assertThat(lag(extension(0, Mode.PASSIVE, DAY), extension(8, Mode.ACTIVE, DAY), entered))
                .contains(12.0);
    }

    /** Bends 85 + 95 + 60 less deficits of 10 (going 5 beyond zero at the knuckle adds nothing): 230 (by definition). */
    @Test
    void totalActiveMotionTakesOffOnlyWhatIsLacking() {
        Derivation motion = new Derivation(
                Arrays.asList(
                        new Term("a", Mode.ACTIVE, Counts.PLUS),
                        new Term("b", Mode.ACTIVE, Counts.PLUS),
                        new Term("c", Mode.ACTIVE, Counts.PLUS),
                        new Term("d", Mode.ACTIVE, Counts.LESS_LACKING),
                        new Term("e", Mode.ACTIVE, Counts.LESS_LACKING)),
                OptionalDouble.empty());

        assertThat(motion.from(85, 95, 60, -5, 10)).isEqualTo(230);
        assertThat(new Derivation(motion.terms().subList(0, 1), OptionalDouble.of(175)).from(175))
                .isEqualTo(100);
    }

    @Test
    void anEarlierLookSeesOnlyWhatWasKnown() {
        Readings readings = new Readings(List.of(
                extension(10, Mode.PASSIVE, DAY),
                extension(6, Mode.PASSIVE, DAY.plusDays(7)),
                extension(2, Mode.PASSIVE, DAY.plusDays(14))));

        assertThat(readings.upTo(DAY.plusDays(13)).all()).hasSize(2);
        assertThat(readings.upTo(DAY.plusDays(7)).latestStrict(Fixture.EXTENSION.id(), Side.RIGHT, Mode.PASSIVE))
                .map(reading -> reading.amount().value())
                .contains(6.0);
        assertThat(readings.upTo(DAY.minusDays(1))).isEqualTo(Readings.NONE);
        assertThat(readings.upTo(DAY).upTo(DAY.plusDays(14)).all()).hasSize(1);
    }
}
