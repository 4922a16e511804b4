package waypost.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.DAY_ZERO;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.flexion;
import static waypost.core.gate.Fixture.from;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Side;
import waypost.core.gate.Fixture;
import waypost.core.log.Evidence;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;

/** How the bend that the next phase asks for moves: foreseen, standing still below its corridor, or met. */
class ProgressTest {

    private static Fixture fixture() {
        return new Fixture().asking(bend(60)).open(from("day 0"));
    }

    /** Six readings from day 0 to 35, the first of {@code start}, each {@code step} more. */
    private static List<Progress> progress(Fixture fixture, double start, double step) {
        List<Reading> readings = IntStream.range(0, 6)
                .mapToObj(i -> flexion(start + i * step, i * 7))
                .toList();
        return progress(fixture, readings);
    }

    private static List<Progress> progress(Fixture fixture, List<Reading> readings) {
        return Progress.of(
                fixture.course(History.of(Side.RIGHT, Evidence.of(new Readings(readings)), List.of(), List.of()))
                        .on(DAY_ZERO.plusDays(36), DAY_ZERO.plusDays(36), Outlook.TIME_ONLY));
    }

    /** From 45° a degree a day: 80° on day 35, so 90° some ten days later. */
    @Test
    void whatMovesIsForeseen() {
        assertThat(progress(fixture(), 45, 7)).singleElement().satisfies(progress -> {
            assertThat(progress.milestone().criterion().id()).isEqualTo("bend");
            assertThat(progress.plateau()).isFalse();
            assertThat(progress.forecast()).isPresent();
        });
    }

    /** Only below the corridor is standing still a plateau; on its edge, or without one, it is told of nothing. */
    @ParameterizedTest
    @CsvSource({"70,true", "60,false", "50,false"})
    void standingStillBelowTheCorridorIsAPlateau(double low, boolean plateau) {
        List<Progress> progress = progress(fixture().corridor(low, 120), 60, 0);

        assertThat(progress.stream().anyMatch(Progress::plateau)).isEqualTo(plateau);
        assertThat(progress).allMatch(told -> told.forecast().isEmpty());
        assertThat(progress(fixture(), 60, 0)).isEmpty();
    }

    @Test
    void whatIsMetOrNotMeasuredIsNotTold() {
        assertThat(progress(fixture(), 95, 1)).isEmpty();
        assertThat(progress(fixture(), List.of())).isEmpty();
    }

    /** Readings before surgery are of another knee: without them there is no line yet. */
    @Test
    void whatWasBeforeSurgeryIsNoPartOfTheTrend() {
        List<Reading> readings = IntStream.range(0, 6)
                .mapToObj(i -> flexion(45 + i * 7, i * 7 - 21))
                .toList();

        assertThat(progress(fixture(), readings)).isEmpty();
    }
}
