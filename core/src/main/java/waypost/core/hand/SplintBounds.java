package waypost.core.hand;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import waypost.core.body.Arc;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.course.Standing;
import waypost.core.demand.Chain;

/** What splint and limits of a day leave wrist and finger joints that are bent or straightened lightly. */
public final class SplintBounds {

    private static final List<Motion> JOINTS =
            List.of(Motion.WRIST_FLEXION, Motion.MCP_FLEXION, Motion.PIP_FLEXION, Motion.DIP_FLEXION);

    private SplintBounds() {}

    /** Those that are limited. */
    public static Map<Motion, Arc> of(Standing standing) {
        Map<Motion, Arc> bounds = new EnumMap<>(Motion.class);
        for (Motion joint : JOINTS) {
            Arc left = standing.allowedArc(joint, Chain.OPEN, Mode.ACTIVE);
            if (!left.equals(joint.possible())) {
                bounds.put(joint, left);
            }
        }
        return bounds;
    }
}
