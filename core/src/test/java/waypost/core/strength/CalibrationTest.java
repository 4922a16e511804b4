package waypost.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How hard a band pulls at a length, between what was measured. */
class CalibrationTest {

    private static final Calibration BAND =
            new Calibration(0.6, Map.of(50, new Force(10), 100, new Force(18), 200, new Force(30)));

    /** Straight between the points, by hand: at 0.75 m it is stretched by a quarter, half of the way to 10 N. */
    @ParameterizedTest
    @CsvSource({"0.5,0", "0.6,0", "0.75,5", "0.9,10", "1.05,14", "1.2,18", "1.5,24", "1.8,30"})
    void isStraightBetweenWhatWasMeasured(double metres, double newtons) {
        assertThat(BAND.at(metres).orElseThrow().newtons()).isCloseTo(newtons, within(1e-9));
    }

    @Test
    void beyondWhatWasMeasuredNothingIsTold() {
        assertThat(BAND.at(1.81)).isEmpty();
        assertThat(BAND.longestMetres()).isCloseTo(1.8, within(1e-9));
    }

    @Test
    void aLongerWayNeverPullsLess() {
        double before = 0;
        for (double metres = 0.4; metres <= 1.8; metres += 0.01) {
            double now = BAND.at(metres).orElseThrow().newtons();
            assertThat(now).isGreaterThanOrEqualTo(before);
            before = now;
        }
    }

    @Test
    void whatNoBandDoesIsRefused() {
        assertThatThrownBy(() -> new Calibration(0.6, Map.of(50, new Force(10), 100, new Force(8))))
                .hasMessageContaining("no less force for more stretch");
        assertThatThrownBy(() -> new Calibration(0.01, Map.of(50, new Force(10))))
                .hasMessageContaining("0.05 to 5.0 m");
        assertThatThrownBy(() -> new Calibration(0.6, new TreeMap<>())).hasMessageContaining("at least one stretch");
    }
}
