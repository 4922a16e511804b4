package waypost.core.anatomy;

import java.util.EnumSet;
import java.util.Set;
import waypost.core.body.Joint;

/** What hangs on a joint. */
final class Lever {

    private Lever() {}

    /** The segment that begins at a joint. */
    static Segment beyond(Joint joint) {
        return switch (joint) {
            case SHOULDER -> Segment.UPPER_ARM;
            case ELBOW, FOREARM -> Segment.FOREARM;
            case WRIST, MCP, PIP, DIP -> Segment.HAND;
            case HIP, TRUNK -> Segment.THIGH;
            case KNEE -> Segment.SHANK;
            case ANKLE -> Segment.FOOT;
        };
    }

    /** The segment that ends at a joint; a limb's first joint is on the trunk. */
    static Segment before(Joint joint) {
        return switch (joint) {
            case SHOULDER, HIP, TRUNK -> Segment.TRUNK;
            case ELBOW, FOREARM -> Segment.UPPER_ARM;
            case WRIST, MCP, PIP, DIP -> Segment.FOREARM;
            case KNEE -> Segment.THIGH;
            case ANKLE -> Segment.SHANK;
        };
    }

    /** Everything of the limb beyond a joint. */
    static Set<Segment> allBeyond(Joint joint) {
        return switch (beyond(joint)) {
            case UPPER_ARM -> EnumSet.of(Segment.UPPER_ARM, Segment.FOREARM, Segment.HAND);
            case FOREARM -> EnumSet.of(Segment.FOREARM, Segment.HAND);
            case HAND -> EnumSet.of(Segment.HAND);
            case THIGH -> EnumSet.of(Segment.THIGH, Segment.SHANK, Segment.FOOT);
            case SHANK -> EnumSet.of(Segment.SHANK, Segment.FOOT);
            default -> EnumSet.of(Segment.FOOT);
        };
    }
}
