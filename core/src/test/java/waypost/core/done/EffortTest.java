package waypost.core.done;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Tissue;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.Level;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;
import waypost.core.demand.Loading;
import waypost.core.demand.Posture;
import waypost.core.demand.Support;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;

/** How hard muscles must work against weight, beside what moments say by hand: 75 kg, 1.75 m. */
class EffortTest {

    private static final double GRAVITY = 9.81;

    private static Demand.Movement moves(Motion motion, double from, double to, Direction working, Chain chain) {
        return new Demand.Movement(
                motion,
                Arc.between(from, to),
                Optional.empty(),
                working,
                Mode.ACTIVE,
                chain,
                Loading.OWN_WEIGHT,
                EndRange.SHORT_OF_IT);
    }

    private static final Demand.Movement RAISED = moves(Motion.SHOULDER_FLEXION, 0, 90, Direction.POSITIVE, Chain.OPEN);
    private static final Demand.Movement LEG_RAISED = moves(Motion.HIP_FLEXION, 0, 45, Direction.POSITIVE, Chain.OPEN);
    private static final Demand.Movement SQUAT = moves(Motion.KNEE_FLEXION, 0, 70, Direction.NEGATIVE, Chain.CLOSED);

    private static Role role(Demand... demands) {
        return Role.of(new RoleKey("tried", "operated"), "Tried", List.of(demands), Reducible.NOTHING);
    }

    private static Demand held(Limb limb, double kilograms) {
        return new Demand.Held(limb, new Load(kilograms, LoadUnit.KILOGRAMS));
    }

    private static Demand bears(double percent, Support support) {
        return new Demand.Bearing(Limb.LEG, BodyShare.ofPercent(percent), support);
    }

    private static List<Effort> efforts(Posture posture, Role role) {
        Pose pose = Pose.of(posture, Map.of());
        boolean twoLegs = role.demands().contains(bears(50, Support.BOTH));
        Done done = Done.of(twoLegs ? pose.of(Pose.Sides.ALIKE) : pose, role, Optional.empty(), List.of());
        return Effort.of(done, Carried.by(done), role);
    }

    private static Effort effort(Posture posture, Demand... demands) {
        return efforts(posture, role(demands)).get(0);
    }

    /** 11.0 Nm of 0.95 Nm/kg that the shoulder can: a sixth; with 2 kg, 24.3 Nm, a third. */
    @Test
    void anArmHeldLevelIsLowAndWithTwoKilogramsModerate() {
        assertThat(effort(Posture.STANDING, RAISED).share()).isCloseTo(11.0 / (0.95 * 75), within(0.01));
        assertThat(effort(Posture.STANDING, RAISED).load().effort()).isEqualTo(Level.LOW);
        Effort loaded = effort(Posture.STANDING, RAISED, held(Limb.ARM, 2));
        assertThat(loaded.share()).isCloseTo(24.3 / (0.95 * 75), within(0.01));
        assertThat(loaded.load().effort()).isEqualTo(Level.MODERATE);
    }

    /** The straight leg is heaviest where it leaves the bed: thigh, shank and foot, each by its centre. */
    @Test
    void aStraightLegThatLeavesTheBedIsModerateForTheHip() {
        double thigh = 0.1 * 0.433 * 0.245;
        double shank = 0.0465 * (0.245 + 0.433 * 0.246);
        double foot = 0.0145 * (0.245 + 0.246);
        double byHand = (thigh + shank + foot) * 1.75 * GRAVITY / 2.0;

        Effort raised = effort(Posture.SUPINE, LEG_RAISED);

        assertThat(raised.tissue()).isEqualTo(Tissue.HIP_FLEXORS);
        assertThat(raised.share()).isCloseTo(byHand, within(0.03));
        assertThat(raised.load().effort()).isEqualTo(Level.MODERATE);
    }

    @Test
    void oneLegThatSquatsWorksHarderThanTwo() {
        double alone = effort(Posture.STANDING, SQUAT, bears(100, Support.ONE)).share();
        double two = effort(Posture.STANDING, SQUAT, bears(50, Support.BOTH)).share();

        assertThat(alone).isBetween(1.5 * two, 3 * two);
    }

    @Test
    void aHeavierWeightNeverMakesItEasier() {
        double before = 0;
        for (double kilograms = 0.5; kilograms < 30; kilograms += 0.5) {
            double now =
                    effort(Posture.STANDING, RAISED, held(Limb.ARM, kilograms)).share();
            assertThat(now).isGreaterThan(before);
            before = now;
        }
    }

    @Test
    void whatIsCarriedForALimbIsNoEffort() {
        Demand led = new Demand.Movement(
                Motion.HIP_FLEXION,
                Arc.between(0, 45),
                Optional.empty(),
                Direction.POSITIVE,
                Mode.PASSIVE,
                Chain.OPEN,
                Loading.NONE,
                EndRange.SHORT_OF_IT);

        assertThat(efforts(Posture.SUPINE, role(led))).isEmpty();
    }

    @Test
    void whatIsClearlyMoreThanIsSaidIsFoundAndWhatMayBeOffIsNot() {
        List<Level> found = new ArrayList<>();
        for (double kilograms : new double[] {0, 2, 10}) {
            Role low = role(
                    RAISED,
                    held(Limb.ARM, kilograms),
                    new Demand.TissueLoad(Tissue.DELTOID, Level.LOW, Mode.ACTIVE, Optional.empty()));
            efforts(Posture.STANDING, low).get(0).understated(low).ifPresent(found::add);
        }

        assertThat(found).as("with 2 kg (a third of what it can) and 10 kg").containsExactly(Level.LOW, Level.LOW);
    }
}
