package waypost.core.exercise;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.Function;
import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.body.Motion;
import waypost.core.demand.Demand.Movement;
import waypost.core.demand.Posture;

/**
 * How the body is placed, for a figure: joints that move go from the start to the end of their arc in the direction in
 * which the muscles work; {@code still} ones stay; all others stand at 0.
 */
public record Pose(Posture posture, Map<Motion, Degrees> still) {

    public Pose {
        still = Map.copyOf(still);
    }

    /** Where the joints of a role stand before the movement. */
    public Map<Motion, Degrees> start(Role role) {
        return angles(
                role,
                m -> m.working() == Direction.POSITIVE
                        ? m.arc().least()
                        : m.arc().most());
    }

    /** Where the joints of a role stand at the end of the movement. */
    public Map<Motion, Degrees> end(Role role) {
        return angles(
                role,
                m -> m.working() == Direction.POSITIVE
                        ? m.arc().most()
                        : m.arc().least());
    }

    private Map<Motion, Degrees> angles(Role role, Function<Movement, Degrees> at) {
        Map<Motion, Degrees> angles = new EnumMap<>(Motion.class);
        angles.putAll(still);
        role.demands().stream()
                .filter(Movement.class::isInstance)
                .map(Movement.class::cast)
                .forEach(movement -> angles.put(movement.motion(), at.apply(movement)));
        return angles;
    }
}
