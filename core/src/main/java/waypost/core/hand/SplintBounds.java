package waypost.core.hand;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.course.Standing;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.Loading;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;

/** What splint and limits of a day leave wrist and finger joints that are bent or straightened lightly. */
public final class SplintBounds {

    private static final List<Motion> JOINTS =
            List.of(Motion.WRIST_FLEXION, Motion.MCP_FLEXION, Motion.PIP_FLEXION, Motion.DIP_FLEXION);

    private SplintBounds() {}

    /** Those that are limited. */
    public static Map<Motion, Arc> of(Standing standing) {
        Map<Motion, Arc> bounds = new EnumMap<>(Motion.class);
        for (Motion joint : JOINTS) {
            Arc left = Stream.of(Direction.values())
                    .flatMap(working -> standing.allowedArc(lightly(joint, working), 0).stream())
                    .reduce(joint.possible(), (so, each) -> so.intersect(each).orElse(so));
            if (!left.equals(joint.possible())) {
                bounds.put(joint, left);
            }
        }
        return bounds;
    }

    private static Role lightly(Motion joint, Direction working) {
        return Role.of(
                new RoleKey("splint", "operated"),
                "",
                List.of(new Demand.Movement(
                        joint,
                        joint.possible(),
                        Optional.empty(),
                        working,
                        Mode.ACTIVE,
                        Chain.OPEN,
                        Loading.NONE,
                        EndRange.SHORT_OF_IT)),
                Reducible.NOTHING);
    }
}
