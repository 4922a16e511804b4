package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import waypost.core.body.Mode;
import waypost.core.course.Standing;
import waypost.core.runner.ShareTraining;

/** What is trained for an even share: on both legs, open, and with nothing that limits the weight. */
class LegShareTest {

    private static Standing beginner(int day) {
        return new MeasuredCourse("knee.beginner-strength")
                .measured(day, "body-mass", Mode.ACTIVE, 80)
                .measured(day, "gait-clean", Mode.ACTIVE, 1)
                .on(day);
    }

    @Test
    void whatBothLegsCarryAndIsOpen() {
        ShareTraining.Found found = ShareTraining.of(beginner(10));
        assertThat(found.missing()).isEmpty();
        assertThat(found.trainings())
                .allSatisfy(training -> {
                    assertThat(training.mass()).isEqualTo(80);
                    assertThat(training.kind()).isEqualTo(ShareTraining.Kind.STANDING);
                    assertThat(training.role().name()).isEqualTo("both");
                })
                .extracting(training -> training.role().key().toString())
                .contains("wall-squat/both", "chair-rise/both")
                .doesNotContain("squat-kickstand/operated", "bridge/both", "jump-box/both");
    }

    @Test
    void aMassThatWasMeasuredLongAgoIsNone() {
        Standing standing = new MeasuredCourse("knee.beginner-strength")
                .measured(1, "body-mass", Mode.ACTIVE, 80)
                .on(62);
        assertThat(ShareTraining.of(standing).missing()).hasValue(ShareTraining.Missing.NO_MASS);
    }

    /** A leg that may carry a part of the body trains that part, not a half. */
    @Test
    void whereTheWeightIsLimitedNothingIsTrained() {
        Standing standing = new MeasuredCourse("knee.meniscus-repair")
                .measured(3, "body-mass", Mode.ACTIVE, 80)
                .on(3);
        assertThat(ShareTraining.of(standing).missing()).hasValue(ShareTraining.Missing.WEIGHT_LIMITED);
        assertThat(ShareTraining.of(standing).trainings()).isEmpty();
    }
}
