package waypost.core.trend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static waypost.core.gate.Fixture.DAY_ZERO;
import static waypost.core.gate.Fixture.EXTENSION;
import static waypost.core.gate.Fixture.FLEXION;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import waypost.core.body.Side;
import waypost.core.gate.Fixture;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;

class TrendTest {

    private static double[] numbers(String text) {
        return Arrays.stream(text.split(" ")).mapToDouble(Double::parseDouble).toArray();
    }

    private static Stream<String> series() throws IOException {
        try (var in = Objects.requireNonNull(TrendTest.class.getResourceAsStream("/theil-sen.csv"))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines().filter(line -> !line.startsWith("#")).toList().stream();
        }
    }

    /** Slope, intercept and 80 % interval as SciPy's theilslopes tells them, on 300 generated series. */
    @Test
    void agreesWithAStatisticsLibrary() throws IOException {
        assertThat(series()).hasSize(300).allSatisfy(line -> {
            String[] parts = line.split(";");
            TheilSen ours = TheilSen.of(numbers(parts[0]), numbers(parts[1]), 1.2815515655446004);

            assertThat(ours.slope()).isCloseTo(Double.parseDouble(parts[2]), within(1e-9));
            assertThat(ours.intercept()).isCloseTo(Double.parseDouble(parts[3]), within(1e-9));
            assertThat(ours.low()).isCloseTo(Double.parseDouble(parts[4]), within(1e-9));
            assertThat(ours.high()).isCloseTo(Double.parseDouble(parts[5]), within(1e-9));
        });
    }

    @Test
    void oneDayHasNoSlope() {
        assertThatThrownBy(() -> TheilSen.of(new double[] {3, 3}, new double[] {1, 2}, 1))
                .hasMessageContaining("one day only");
    }

    private static List<Reading> readings(Measure measure, int everyDays, double... values) {
        return IntStream.range(0, values.length)
                .mapToObj(i -> Fixture.reading(measure, Side.RIGHT, values[i], i * everyDays))
                .toList();
    }

    @Test
    void belowFiveReadingsOrFourteenDaysThereIsNoTrend() {
        assertThat(Trend.of(FLEXION, readings(FLEXION, 5, 60, 65, 70, 75))).isEmpty();
        assertThat(Trend.of(FLEXION, readings(FLEXION, 3, 60, 65, 70, 75, 80))).isEmpty();
        assertThat(Trend.of(FLEXION, readings(FLEXION, 4, 60, 65, 70, 75, 80))).isPresent();
    }

    /** Ten degrees every ten days: from 100 on day 40 to 120 takes another twenty. */
    @Test
    void aStraightLineReachesItsGoalOnItsDay() {
        Trend trend =
                Trend.of(FLEXION, readings(FLEXION, 10, 60, 70, 80, 90, 100)).orElseThrow();
        Forecast forecast = trend.reaches(FLEXION.amount(120)).orElseThrow();

        assertThat(trend.perDay()).isCloseTo(1, within(1e-9));
        assertThat(forecast.expected()).isEqualTo(DAY_ZERO.plusDays(60));
        assertThat(forecast.earliest()).isEqualTo(forecast.expected());
        assertThat(forecast.latest()).contains(forecast.expected());
    }

    @Test
    void whereLessIsBetterItFalls() {
        Trend trend =
                Trend.of(EXTENSION, readings(EXTENSION, 7, 20, 17, 14, 11, 8)).orElseThrow();

        assertThat(trend.perDay()).isPositive();
        assertThat(trend.reaches(EXTENSION.amount(2)).map(Forecast::expected)).contains(DAY_ZERO.plusDays(42));
    }

    @Test
    void noForecastInTheWrongDirectionBeyondWhatIsSupportedOrOfWhatIsThere() {
        Trend worse =
                Trend.of(FLEXION, readings(FLEXION, 7, 90, 88, 91, 87, 86)).orElseThrow();
        Trend slow = Trend.of(FLEXION, readings(FLEXION, 7, 60, 61, 62, 63, 64)).orElseThrow();

        assertThat(worse.reaches(FLEXION.amount(120))).isEmpty();
        assertThat(slow.reaches(FLEXION.amount(120))).isEmpty();
        assertThat(slow.reaches(FLEXION.amount(60))).isEmpty();
    }

    /** Whatever the readings: a forecast lies ahead, in order, and no interval holds the wrong direction. */
    @Test
    void everyForecastLiesAheadAndInOrder() {
        Random random = new Random(3);
        int told = 0;
        for (int round = 0; round < 500; round++) {
            double slope = random.nextDouble() * 2 - 0.6;
            double[] values = IntStream.range(0, 5 + random.nextInt(10))
                    .mapToDouble(i -> 60 + slope * 4 * i + random.nextGaussian() * 5)
                    .toArray();
            Trend trend = Trend.of(FLEXION, readings(FLEXION, 4, values)).orElseThrow();
            Optional<Forecast> forecast = trend.reaches(FLEXION.amount(110));
            if (forecast.isPresent()) {
                told++;
                assertThat(trend.slowest()).isPositive();
                assertThat(forecast.get().earliest()).isAfter(trend.last());
                assertThat(forecast.get().earliest())
                        .isBeforeOrEqualTo(forecast.get().expected());
                forecast.get()
                        .latest()
                        .ifPresent(latest -> assertThat(latest)
                                .isAfterOrEqualTo(forecast.get().expected()));
            }
        }
        assertThat(told).isBetween(20, 480);
    }

    @Test
    void aPlateauIsNoDetectableChangeOverThreeWeeks() {
        assertThat(Trend.standsStill(FLEXION, readings(FLEXION, 7, 90, 92, 91, 93), DAY_ZERO.plusDays(21)))
                .contains(true);
        assertThat(Trend.standsStill(FLEXION, readings(FLEXION, 7, 90, 92, 96, 93), DAY_ZERO.plusDays(21)))
                .contains(false);
        assertThat(Trend.standsStill(FLEXION, readings(FLEXION, 7, 90, 92, 91), DAY_ZERO.plusDays(20)))
                .isEmpty();
        assertThat(Trend.standsStill(FLEXION, readings(FLEXION, 7, 90), DAY_ZERO.plusDays(40)))
                .isEmpty();
        assertThat(Trend.standsStill(FLEXION, List.of(), DAY_ZERO)).isEmpty();
    }

    /** Six weeks and a day before the last one, a reading tells of another time. */
    @Test
    void olderReadingsDoNotBendTheLine() {
        List<Reading> recent = readings(Fixture.FLEXION, 7, 60, 65, 70, 75, 80, 85, 90);
        List<Reading> withOld = new ArrayList<>(recent);
        withOld.add(0, Fixture.reading(Fixture.FLEXION, Side.RIGHT, 140, -1));

        assertThat(Trend.of(Fixture.FLEXION, withOld)).isEqualTo(Trend.of(Fixture.FLEXION, recent));
    }

    @Test
    void nothingIsExpectedInThePast() {
        LocalDate day = Fixture.DAY_ZERO;
        Forecast forecast = new Forecast(day.plusDays(3), day.plusDays(8), Optional.of(day.plusDays(20)));

        assertThat(forecast.from(day)).contains(forecast);
        assertThat(forecast.from(day.plusDays(8)))
                .contains(new Forecast(day.plusDays(8), day.plusDays(8), Optional.of(day.plusDays(20))));
        assertThat(forecast.from(day.plusDays(9))).isEmpty();
    }
}
