package waypost.core.done;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import waypost.core.anatomy.Build;
import waypost.core.anatomy.Segment;
import waypost.core.anatomy.Spot;
import waypost.core.anatomy.Tether;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.Loading;
import waypost.core.demand.Posture;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.LadderCourse;
import waypost.core.strength.Calibration;
import waypost.core.strength.Force;
import waypost.core.strength.Spring;

/** How far a carriage is drawn, and what its springs do to the shoulder; by hand for a straight arm. */
class SpringPullTest {

    private static final Build BUILD = Build.MIDDLING;

    /** A straight arm from the shoulder to the middle of the hand. */
    private static final double ARM =
            BUILD.length(Segment.UPPER_ARM) + BUILD.length(Segment.FOREARM) + BUILD.length(Segment.HAND) / 2;

    private static SpringPull drawn(double from, double to, Pose.Sides sides) {
        Demand pull = new Demand.Movement(
                Motion.SHOULDER_FLEXION,
                Arc.between(to, from),
                Optional.empty(),
                Direction.NEGATIVE,
                Mode.RESISTED,
                Chain.CLOSED,
                Loading.ADDED,
                EndRange.SHORT_OF_IT);
        Role role = LadderCourse.role(new RoleKey("draw", "operated"), pull);
        Activity.Exercise plain = LadderCourse.exercise("draw", "l", 1, Purpose.STRENGTH, List.of(role));
        Pose pose = new Pose(
                Posture.PRONE,
                Map.of(),
                sides,
                Map.of(),
                List.of(),
                false,
                Optional.of(new Tether(Spot.PALM, new Tether.Carriage(Spot.PALM))),
                Optional.empty());
        Activity.Exercise exercise = plain.done(plain.roles(), Map.of("operated", pose));
        return SpringPull.of(exercise, exercise.roles().get(0), BUILD).orElseThrow();
    }

    /** 30 cm long and hooked in at 40 cm; each centimetre more is 2 N more. */
    private static Spring spring(String name, double newtonsADouble) {
        return new Spring(name, 0.4, new Calibration(0.3, Map.of(400, new Force(newtonsADouble * 4))));
    }

    /** From straight overhead to the side of the body the hand goes an arm's length twice. */
    @Test
    void aStraightArmDrawsTheCarriageByWhatItsHandGoesAlongTheBody() {
        assertThat(drawn(180, 0, Pose.Sides.ONE).travelMetres()).isCloseTo(2 * ARM, within(0.05));
        assertThat(drawn(180, 90, Pose.Sides.ONE).travelMetres()).isCloseTo(ARM, within(0.05));
        assertThat(drawn(120, 60, Pose.Sides.ONE).travelMetres()).isCloseTo(ARM, within(0.05));
    }

    /** Toward the head a straight arm at a right angle is all lever; along the body it is none. */
    @Test
    void theArmIsTheLeverWhereItHangsDown() {
        SpringPull pull = drawn(180, 90, Pose.Sides.ONE);

        assertThat(pull.startArmMetres()).isCloseTo(0, within(0.03));
        assertThat(pull.endArmMetres()).isCloseTo(ARM, within(0.05));
    }

    @Test
    void twoHandsHoldHalfOfItEach() {
        Spring spring = spring("fog", 60);
        Force one = drawn(180, 90, Pose.Sides.ONE).atEnd(spring).orElseThrow();
        Force two = drawn(180, 90, Pose.Sides.ALIKE).atEnd(spring).orElseThrow();

        assertThat(two.newtons()).isCloseTo(one.newtons() / 2, within(1e-9));
        // Hooked in at 40 of 30 cm and an arm's length further: by hand, 60 N for each 30 cm.
        assertThat(one.newtons()).isCloseTo((0.1 + ARM) / 0.3 * 60, within(0.05 / 0.3 * 60));
    }

    @Test
    void theStrongestThatStaysUnderADoseIsTakenAndNoneThatIsNotMeasuredSoFar() {
        SpringPull pull = drawn(120, 60, Pose.Sides.ONE);
        Spring light = spring("fog", 10);
        Spring middle = spring("ash", 20);
        Spring strong = spring("oak", 40);
        Spring unknown = new Spring("elm", 0.4, new Calibration(0.3, Map.of(50, new Force(1))));
        List<Spring> springs = List.of(light, middle, strong, unknown);

        assertThat(pull.strongest(
                        springs, new Force(pull.atEnd(middle).orElseThrow().newtons())))
                .contains(middle);
        assertThat(pull.strongest(springs, new Force(1000))).contains(strong);
        assertThat(pull.strongest(springs, new Force(1))).isEmpty();
        assertThat(pull.atEnd(unknown)).isEmpty();
    }

    @Test
    void aSpringThatIsHookedInNowhereIsRefused() {
        Calibration calibration = new Calibration(0.3, Map.of(100, new Force(10)));

        assertThatThrownBy(() -> new Spring("fog", 0, calibration))
                .hasMessage("hooked in: found 0.0 m, allowed: 0.05 to 5.0 m");
    }
}
