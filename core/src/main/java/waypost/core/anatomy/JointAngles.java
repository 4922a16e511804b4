package waypost.core.anatomy;

import java.util.EnumMap;
import java.util.Map;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;

/** Where every joint of both sides stands; what is not said stands at 0, as in upright standing with the arms hanging. */
public record JointAngles(Map<Half, Map<Motion, Degrees>> bySide) {

    public JointAngles {
        Map<Half, Map<Motion, Degrees>> copy = new EnumMap<>(Half.class);
        for (Half half : Half.values()) {
            copy.put(half, Map.copyOf(bySide.getOrDefault(half, Map.of())));
        }
        bySide = Map.copyOf(copy);
    }

    /** The same on both sides. */
    public static JointAngles alike(Map<Motion, Degrees> angles) {
        return new JointAngles(Map.of(Half.OPERATED, angles, Half.OTHER, angles));
    }

    /** With one angle changed. */
    public JointAngles with(Half half, Motion motion, Degrees angle) {
        Map<Half, Map<Motion, Degrees>> changed = new EnumMap<>(bySide);
        Map<Motion, Degrees> side = new EnumMap<>(Motion.class);
        side.putAll(of(half));
        side.put(motion, angle);
        changed.put(half, side);
        return new JointAngles(changed);
    }

    /** The two sides changed for one another. */
    public JointAngles mirrored() {
        return new JointAngles(Map.of(Half.OPERATED, of(Half.OTHER), Half.OTHER, of(Half.OPERATED)));
    }

    /** In degrees; 0 where it is not said. */
    public double at(Half half, Motion motion) {
        Degrees said = of(half).get(motion);
        return said == null ? 0 : said.value();
    }

    /** Whether the angle is said. */
    public boolean says(Half half, Motion motion) {
        return of(half).containsKey(motion);
    }

    private Map<Motion, Degrees> of(Half half) {
        Map<Motion, Degrees> side = bySide.get(half);
        return side == null ? Map.of() : side;
    }
}
