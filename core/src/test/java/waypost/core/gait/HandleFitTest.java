package waypost.core.gait;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Degrees;

/** Handles worked by hand: wrist's crease, elbow bent by 15 to 30 degrees (common practice, no source). */
class HandleFitTest {

    private static HandleFit fit(double crease, double stature, Double elbow) {
        return new HandleFit(crease, stature, Optional.ofNullable(elbow).map(Degrees::of));
    }

    /** 175 cm: upper arm 32.55, forearm 25.55; 45\u00b0 reach 53.8, 51.6 below; 22.5\u00b0 reach 57.0, 55.0 below. */
    @ParameterizedTest
    @CsvSource({
        "84,175,,SET,84",
        "84,175,15,FITS,84",
        "84,175,30,FITS,84",
        "84,175,45,LOWER,80.6",
        "84,175,60,LOWER,77.2",
        "84,175,5,RAISE,85.1",
        "72,150,45,LOWER,69.0"
    })
    void isSetAtTheWristAndMovedByTheElbow(
            double crease, double stature, Double elbow, HandleFit.Advice advice, double handle) {
        HandleFit fit = fit(crease, stature, elbow);
        assertThat(fit.advice()).isEqualTo(advice);
        assertThat(fit.handle()).isCloseTo(handle, within(0.15));
    }

    /** The drawn arm has its lengths, and its elbow is bent as it was found. */
    @ParameterizedTest
    @CsvSource({"10", "22.5", "40", "75"})
    void theDrawnArmIsTheMeasuredOne(double elbow) {
        HandleFit.Arm arm = fit(84, 175, elbow).arm();
        double upper = distance(arm.shoulder(), arm.elbow());
        double fore = distance(arm.elbow(), arm.hand());
        double reach = distance(arm.shoulder(), arm.hand());
        double inner = Math.toDegrees(Math.acos((upper * upper + fore * fore - reach * reach) / (2 * upper * fore)));
        assertThat(upper).isCloseTo(0.186 * 175, within(0.01));
        assertThat(fore).isCloseTo(0.146 * 175, within(0.01));
        assertThat(180 - inner).isCloseTo(elbow, within(0.01));
        assertThat(arm.elbow().ahead())
                .as("the elbow points back")
                .isLessThan(arm.hand().ahead());
        assertThat(arm.hand().height()).isEqualTo(84);
    }

    private static double distance(HandleFit.Point one, HandleFit.Point other) {
        return Math.hypot(one.ahead() - other.ahead(), one.height() - other.height());
    }

    @Test
    void nobodysLengthsAreRefused() {
        assertThatThrownBy(() -> fit(30, 175, null)).hasMessageContaining("allowed: 40");
        assertThatThrownBy(() -> fit(110, 150, null)).hasMessageContaining("six tenths");
        assertThatThrownBy(() -> fit(84, 175, 150.0)).hasMessageContaining("elbow");
    }
}
