package waypost.core.anatomy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** By hand: an arm of 0.386 x 1.75 m = 67.6 cm from a shoulder at 80 cm. */
class ReachedBarTest {

    @Test
    void anArmReachesABarSoFarUnderTheShoulder() {
        assertThat(ReachedBar.shoulderDegrees(0.17)).hasValueCloseTo(111.2, within(0.2));
        assertThat(ReachedBar.shoulderDegrees(0.462)).hasValueCloseTo(150.0, within(0.2));
        assertThat(ReachedBar.shoulderDegrees(0.8)).hasValueCloseTo(180.0, within(0.01));
    }

    @ParameterizedTest
    @ValueSource(doubles = {95, 110, 125, 140, 160, 180})
    void theHeightLeadsBackToTheAngle(double degrees) {
        assertThat(ReachedBar.shoulderDegrees(ReachedBar.heightMetres(degrees))).hasValueCloseTo(degrees, within(1e-6));
    }

    @Test
    void noArmReachesAboveOrFarBelow() {
        assertThat(ReachedBar.shoulderDegrees(0.81)).isEmpty();
        assertThat(ReachedBar.shoulderDegrees(0.1)).isEmpty();
    }
}
