package waypost.core.done;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.core.anatomy.Contact;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Spot;
import waypost.core.anatomy.Surface;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.Loading;
import waypost.core.demand.Posture;
import waypost.core.demand.Support;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.LadderCourse;

/** What is asked on a higher step, a lower seat, a higher bar. */
class RaisedTest {

    private static Demand bends(Motion motion, double most) {
        return moves(motion, 0, most);
    }

    private static Demand moves(Motion motion, double least, double most) {
        return new Demand.Movement(
                motion,
                Arc.between(least, most),
                Optional.empty(),
                Direction.NEGATIVE,
                Mode.ACTIVE,
                Chain.CLOSED,
                Loading.OWN_WEIGHT,
                EndRange.SHORT_OF_IT);
    }

    private static Demand bears(Limb limb, double percent, Support support) {
        return new Demand.Bearing(limb, BodyShare.ofPercent(percent), support);
    }

    private static Activity.Exercise exercise(Pose pose, String role, Demand... demands) {
        Role only = LadderCourse.role(new RoleKey("tried", role), demands);
        Activity.Exercise plain = LadderCourse.exercise("tried", "l", 1, Purpose.STRENGTH, List.of(only));
        return plain.done(plain.roles(), Map.of(role, pose));
    }

    private static final Activity.Exercise STEP_UP = exercise(
            Pose.of(Posture.STANDING, Map.of()),
            "operated",
            bends(Motion.KNEE_FLEXION, 60),
            bends(Motion.HIP_FLEXION, 60),
            bears(Limb.LEG, 100, Support.ONE));

    private static final Activity.Exercise SIT = exercise(
            Pose.of(Posture.STANDING, Map.of()).of(Pose.Sides.ALIKE),
            "both",
            bends(Motion.KNEE_FLEXION, 90),
            bends(Motion.HIP_FLEXION, 90),
            bears(Limb.LEG, 50, Support.BOTH));

    private static final Activity.Exercise PRESS = exercise(
            Pose.of(Posture.STANDING, Map.of())
                    .on(List.of(
                            new Contact(Half.OPERATED, Spot.PALM, new Surface.Level(0.95)),
                            new Contact(Half.OTHER, Spot.PALM, new Surface.Level(0.95)),
                            new Contact(Half.OPERATED, Spot.TOES, Surface.floor()),
                            new Contact(Half.OTHER, Spot.TOES, Surface.floor()),
                            new Contact(Half.OPERATED, Spot.HEEL, Surface.floor()),
                            new Contact(Half.OTHER, Spot.HEEL, Surface.floor()))),
            "operated",
            moves(Motion.SHOULDER_FLEXION, 75, 90),
            bears(Limb.ARM, 30, Support.BOTH));

    private static double most(Activity.Exercise exercise, Motion motion) {
        return exercise.roles().get(0).demands().stream()
                .filter(demand -> demand.of() == motion)
                .map(demand -> ((Demand.Movement) demand).arc().most().value())
                .findFirst()
                .orElseThrow();
    }

    private static double share(Activity.Exercise exercise, Limb limb) {
        return exercise.roles().get(0).demands().stream()
                .filter(demand -> demand instanceof Demand.Bearing bearing && bearing.limb() == limb)
                .map(demand -> ((Demand.Bearing) demand).share().percent())
                .findFirst()
                .orElseThrow();
    }

    private static double height(Raised.What what, Activity.Exercise exercise) {
        return what.heightMetres(exercise.roles().get(0)).orElseThrow();
    }

    @Test
    void atTheWrittenHeightNothingChanges() {
        assertThat(Raised.by(STEP_UP, Raised.What.STEP, 0)).isEqualTo(STEP_UP);
    }

    /** Each five centimetres bend knee and hip further, by the same share, and the hip rises by as much as the step does. */
    @ParameterizedTest
    @ValueSource(doubles = {-0.10, -0.05, 0.05, 0.10})
    void aStepSoMuchHigherLiftsTheHipSoMuchFurther(double metres) {
        Activity.Exercise other = Raised.by(STEP_UP, Raised.What.STEP, metres);

        assertThat(height(Raised.What.STEP, other)).isCloseTo(height(Raised.What.STEP, STEP_UP) + metres, within(0.01));
        assertThat(most(other, Motion.KNEE_FLEXION) > 60).isEqualTo(metres > 0);
        assertThat(most(other, Motion.HIP_FLEXION)).isEqualTo(most(other, Motion.KNEE_FLEXION));
        assertThat(share(other, Limb.LEG)).isEqualTo(100);
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.10, -0.05, 0.05, 0.10, 0.20})
    void aHigherSeatBendsLess(double metres) {
        Activity.Exercise other = Raised.by(SIT, Raised.What.SEAT, metres);

        assertThat(most(other, Motion.HIP_FLEXION) < 90).isEqualTo(metres > 0);
        assertThat(height(Raised.What.SEAT, other)).isCloseTo(height(Raised.What.SEAT, SIT) + metres, within(0.01));
    }

    /** A higher hand support never raises the hands' share, and never takes the legs' away. */
    @Test
    void aHigherBarNeverLoadsTheHandsMore() {
        double before = Double.MAX_VALUE;
        for (double metres = -0.3; metres <= 0.2; metres += 0.05) {
            double share = share(Raised.by(PRESS, Raised.What.HANDS, metres), Limb.ARM);
            assertThat(share).as("%.2f m", metres).isLessThanOrEqualTo(before);
            before = share;
        }
        assertThat(before).isLessThan(30);
    }

    @Test
    void whatNoLegReachesIsRefused() {
        assertThatThrownBy(() -> Raised.by(STEP_UP, Raised.What.STEP, 1.2))
                .hasMessageContaining("allowed: one to which a leg bends");
        assertThatThrownBy(() -> Raised.by(STEP_UP, Raised.What.HANDS, 0.1))
                .hasMessageContaining("found no place that is on it");
    }

    private static final Activity.Exercise PULL =
            exercise(Pose.of(Posture.PRONE, Map.of()), "operated", moves(Motion.SHOULDER_FLEXION, 20, 110));

    /** One hole of 5 cm higher: the arm begins further overhead, and needs as much; by hand 117 degrees at 20 cm. */
    @Test
    void aHigherBarBeginsFurtherOverhead() {
        double usual = height(Raised.What.BAR, PULL);

        Activity.Exercise higher = Raised.by(PULL, Raised.What.BAR, 0.2 - usual);

        assertThat(most(higher, Motion.SHOULDER_FLEXION)).isEqualTo(117);
        assertThat(height(Raised.What.BAR, higher)).isCloseTo(0.2, within(0.01));
        assertThatThrownBy(() -> Raised.by(PULL, Raised.What.BAR, 1))
                .hasMessageContaining("allowed: one that arms reach ahead of somebody who lies");
    }
}
