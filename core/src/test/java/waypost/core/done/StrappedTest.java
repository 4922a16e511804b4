package waypost.core.done;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import waypost.core.anatomy.Spot;
import waypost.core.anatomy.Tether;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.Level;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;
import waypost.core.demand.Posture;
import waypost.core.demand.Pressed;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;

/** What is strapped on, by what is drawn and what is held. */
class StrappedTest {

    private static final Demand SWINGS = Demand.Movement.lightly(
            Motion.KNEE_FLEXION, Arc.between(0, 90), Direction.POSITIVE, Mode.RESISTED, Chain.OPEN);
    private static final Demand STANDS = Demand.Movement.lightly(
            Motion.KNEE_FLEXION, Arc.between(0, 90), Direction.NEGATIVE, Mode.RESISTED, Chain.CLOSED);
    private static final Demand CUFF = new Demand.Held(Limb.LEG, new Load(2, LoadUnit.KILOGRAMS));

    private static Role role(Demand... demands) {
        return Role.of(new RoleKey("tried", "operated"), "Tried", List.of(demands), Reducible.NOTHING);
    }

    private static Pose pulledAt(Spot spot) {
        Tether band = new Tether(spot, new Tether.Anchor(Tether.Toward.BEHIND, 0.1, 1));
        return new Pose(
                Posture.PRONE,
                Map.of(),
                Pose.Sides.ONE,
                Map.of(),
                List.of(),
                false,
                Optional.of(band),
                Optional.empty());
    }

    @Test
    void theLoopOfABandPressesWhereItPulls() {
        assertThat(Strapped.of(pulledAt(Spot.ANKLE), role(SWINGS)))
                .containsExactly(new Pressed(Joint.ANKLE, Level.MODERATE));
        assertThat(Strapped.of(pulledAt(Spot.KNEE), role(SWINGS)))
                .containsExactly(new Pressed(Joint.KNEE, Level.MODERATE));
        assertThat(Strapped.of(pulledAt(Spot.PALM), role(SWINGS))).isEmpty();
    }

    @Test
    void aWeightLiesOnTheAnkleOfALegThatSwingsOnly() {
        Pose free = Pose.of(Posture.STANDING, Map.of());

        assertThat(Strapped.of(free, role(SWINGS, CUFF))).containsExactly(new Pressed(Joint.ANKLE, Level.LOW));
        assertThat(Strapped.of(free, role(STANDS, CUFF))).isEmpty();
        assertThat(Strapped.of(free, role(SWINGS))).isEmpty();
    }

    @Test
    void whatAFileSaysIsTakenFromTheFile() {
        Pressed said = new Pressed(Joint.ANKLE, Level.HIGH);

        assertThat(Strapped.of(pulledAt(Spot.ANKLE), role(SWINGS, said))).isEmpty();
    }
}
