package waypost.core.hand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Motion;
import waypost.core.function.FingerMotion;
import waypost.core.home.Rhythm;

class FingerReadingTest {

    private static FingerReading reading(Finger finger, double... values) {
        return new FingerReading(
                finger,
                LocalDate.of(2031, 3, 1),
                Map.of(
                        Motion.MCP_FLEXION, values[0],
                        Motion.PIP_FLEXION, values[1],
                        Motion.DIP_FLEXION, values[2]),
                Map.of(
                        Motion.MCP_FLEXION, values[3],
                        Motion.PIP_FLEXION, values[4],
                        Motion.DIP_FLEXION, values[5]),
                OptionalDouble.empty());
    }

    /** 80 + 95 + 55 less 0 + 15 + 5: 210; middle and end joint 150 less 20 of 175: 74 % (Strickland and Glogovac 1980, from memory). */
    @Test
    void totalActiveMotionIsBendingLessWhatLacks() {
        FingerReading index = reading(Finger.INDEX, 80, 95, 55, 0, 15, 5);
        assertThat(index.total()).isEqualTo(210);
        assertThat(Math.round(index.percent().orElseThrow())).isEqualTo(74);
        assertThat(FingerMotion.of(index.percent().orElseThrow())).isEqualTo(FingerMotion.GOOD);
    }

    @Test
    void theHandCountsAsTheWorstOfEachJoint() {
        FingerReading worst = FingerReading.worst(List.of(
                        reading(Finger.INDEX, 80, 95, 55, 0, 15, 5), reading(Finger.MIDDLE, 85, 60, 60, 5, 10, 0)))
                .orElseThrow();
        assertThat(worst.bends(Motion.MCP_FLEXION)).isEqualTo(80);
        assertThat(worst.bends(Motion.PIP_FLEXION)).isEqualTo(60);
        assertThat(worst.bends(Motion.DIP_FLEXION)).isEqualTo(55);
        assertThat(worst.lacksAt(Motion.MCP_FLEXION)).isEqualTo(5);
        assertThat(worst.lacksAt(Motion.PIP_FLEXION)).isEqualTo(15);
        assertThat(FingerReading.worst(List.of())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"-1,0", "131,0", "20,30", "NaN,0"})
    void whatNoFingerDoesIsRefused(double bent, double lacks) {
        assertThatThrownBy(() -> reading(Finger.RING, 80, bent, 50, 0, lacks, 0))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("PIP");
    }

    /** Hourly, fewer as range comes; one that is as good as well needs less. */
    @ParameterizedTest
    @CsvSource({"POOR,5,true", "FAIR,4,true", "GOOD,3,true", "EXCELLENT,3,false"})
    void lessAsRangeComes(FingerMotion grade, int holds, boolean hourly) {
        FingerDose dose = FingerDose.of(Optional.of(grade));
        assertThat(dose.holds()).isEqualTo(holds);
        assertThat(dose.seconds()).isEqualTo(10);
        assertThat(dose.rhythm() instanceof Rhythm.Hourly).isEqualTo(hourly);
        assertThat(FingerDose.of(Optional.empty())).isEqualTo(FingerDose.of(Optional.of(FingerMotion.POOR)));
    }

    @Test
    void aThumbHasNoMiddleJoint() {
        assertThat(Finger.THUMB.joints()).doesNotContain(Motion.PIP_FLEXION);
        assertThat(new FingerReading(
                                Finger.THUMB,
                                LocalDate.of(2031, 3, 1),
                                Map.of(Motion.MCP_FLEXION, 50.0, Motion.DIP_FLEXION, 70.0),
                                Map.of(Motion.MCP_FLEXION, 0.0, Motion.DIP_FLEXION, 10.0),
                                OptionalDouble.empty())
                        .total())
                .isEqualTo(110);
    }
}
