package waypost.core.anatomy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Step and seat heights against the bend of the knee. */
class BentLegTest {

    /**
     * By hand, with thigh 42.9 cm and shank 43.1 cm: let down on a knee of 90° the leg is 60.8 cm of 85.9 cm long. Climbing a
     * stair of 17 cm sets the foot down at about 60 to 65° (stair gait, from memory); a seat of 45 cm bends the knee about 95°.
     */
    @ParameterizedTest
    @CsvSource({"STEP_DOWN,90,0.251", "STEP_DOWN,60,0.115", "STEP_UP,62,0.166", "SEAT,95,0.449", "SEAT,80,0.559"})
    void asByHand(BentLeg leg, double knee, double metres) {
        assertThat(leg.heightMetres(knee)).isCloseTo(metres, within(0.005));
        assertThat(leg.kneeDegrees(metres).orElseThrow()).isCloseTo(knee, within(2.0));
    }

    @ParameterizedTest
    @EnumSource(BentLeg.class)
    void thereAndBackIsTheSame(BentLeg leg) {
        for (double knee = 20; knee <= 130; knee += 5) {
            assertThat(leg.kneeDegrees(leg.heightMetres(knee)).orElseThrow()).isCloseTo(knee, within(1e-6));
        }
    }

    @ParameterizedTest
    @EnumSource(BentLeg.class)
    void noLegBendsToAnyHeight(BentLeg leg) {
        assertThat(leg.kneeDegrees(2.4)).isEmpty();
    }
}
