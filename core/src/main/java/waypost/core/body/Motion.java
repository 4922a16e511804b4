package waypost.core.body;

/**
 * One axis of a joint. The positive direction comes first in its name; a knee that lacks 10° of extension stands at 10°
 * of flexion, one that hyperextends at −5°.
 *
 * <p>{@link #possible} bounds what a reading may say at all.
 */
public enum Motion {
    SHOULDER_FLEXION(Joint.SHOULDER, "flexion", "extension", Arc.between(-80, 180)),
    SHOULDER_ABDUCTION(Joint.SHOULDER, "abduction", "adduction", Arc.between(-60, 180)),
    SHOULDER_ROTATION(Joint.SHOULDER, "external rotation", "internal rotation", Arc.between(-120, 140)),
    SHOULDER_CROSSING(Joint.SHOULDER, "horizontal adduction", "horizontal abduction", Arc.between(-60, 150)),
    ELBOW_FLEXION(Joint.ELBOW, "flexion", "extension", Arc.between(-20, 165)),
    FOREARM_ROTATION(Joint.FOREARM, "supination", "pronation", Arc.between(-100, 110)),
    WRIST_FLEXION(Joint.WRIST, "flexion", "extension", Arc.between(-100, 110)),
    MCP_FLEXION(Joint.MCP, "flexion", "extension", Arc.between(-60, 115)),
    PIP_FLEXION(Joint.PIP, "flexion", "extension", Arc.between(-40, 130)),
    DIP_FLEXION(Joint.DIP, "flexion", "extension", Arc.between(-40, 110)),
    HIP_FLEXION(Joint.HIP, "flexion", "extension", Arc.between(-50, 150)),
    HIP_ABDUCTION(Joint.HIP, "abduction", "adduction", Arc.between(-60, 90)),
    HIP_ROTATION(Joint.HIP, "external rotation", "internal rotation", Arc.between(-80, 100)),
    KNEE_FLEXION(Joint.KNEE, "flexion", "extension", Arc.between(-25, 165)),
    ANKLE_DORSIFLEXION(Joint.ANKLE, "dorsiflexion", "plantar flexion", Arc.between(-80, 50)),
    ANKLE_INVERSION(Joint.ANKLE, "inversion", "eversion", Arc.between(-50, 60));

    private final Joint joint;
    private final String positive;
    private final String negative;
    private final Arc possible;

    Motion(Joint joint, String positive, String negative, Arc possible) {
        this.joint = joint;
        this.positive = positive;
        this.negative = negative;
        this.possible = possible;
    }

    public Joint joint() {
        return joint;
    }

    /** The direction's name, such as "flexion". */
    public String name(Direction direction) {
        return direction == Direction.POSITIVE ? positive : negative;
    }

    /** Angles that a living joint can show; anything beyond is a slip of the pen. */
    public Arc possible() {
        return possible;
    }
}
