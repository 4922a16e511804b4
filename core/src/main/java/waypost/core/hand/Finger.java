package waypost.core.hand;

import java.util.List;
import waypost.core.body.Motion;

/** A finger, counted from the thumb. */
public enum Finger {
    THUMB,
    INDEX,
    MIDDLE,
    RING,
    LITTLE;

    /** Its joints from the knuckle outward; a thumb has no middle one. */
    public List<Motion> joints() {
        return this == THUMB
                ? List.of(Motion.MCP_FLEXION, Motion.DIP_FLEXION)
                : List.of(Motion.MCP_FLEXION, Motion.PIP_FLEXION, Motion.DIP_FLEXION);
    }
}
