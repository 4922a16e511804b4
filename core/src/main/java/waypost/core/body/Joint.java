package waypost.core.body;

/** A joint, or the trunk taken as one. The finger joints are named from the knuckle outward: MCP, PIP, DIP. */
public enum Joint {
    SHOULDER,
    ELBOW,
    FOREARM,
    WRIST,
    MCP,
    PIP,
    DIP,
    TRUNK,
    HIP,
    KNEE,
    ANKLE;

    /** The limb it is of; the trunk's moves the legs under it. */
    public Limb limb() {
        return switch (this) {
            case SHOULDER, ELBOW, FOREARM, WRIST, MCP, PIP, DIP -> Limb.ARM;
            case TRUNK, HIP, KNEE, ANKLE -> Limb.LEG;
        };
    }
}
