package waypost.core.anatomy;

/** A place of the body that may touch something. */
public enum Spot {
    HEEL(Segment.FOOT),
    TOES(Segment.FOOT),
    ANKLE(Segment.FOOT),
    KNEE(Segment.SHANK),
    THIGH_BACK(Segment.THIGH),
    PALM(Segment.HAND),
    FOREARM(Segment.FOREARM),
    ELBOW(Segment.FOREARM),
    SEAT(Segment.TRUNK),
    BUTTOCK(Segment.TRUNK),
    SHOULDER_BLADE(Segment.TRUNK),
    BREAST(Segment.TRUNK),
    GROIN(Segment.TRUNK),
    HIP_SIDE(Segment.TRUNK),
    SHOULDER_SIDE(Segment.TRUNK),
    HEAD_BACK(Segment.HEAD);

    private final Segment segment;

    Spot(Segment segment) {
        this.segment = segment;
    }

    /** The segment it is on: what is nearer the trunk bears what touches there. */
    public Segment segment() {
        return segment;
    }

    /** Whether what it carries is carried by an arm. */
    public boolean isOfArm() {
        return segment == Segment.HAND || segment == Segment.FOREARM;
    }

    /** Whether what it carries is carried by a leg. */
    public boolean isOfLeg() {
        return segment == Segment.FOOT || segment == Segment.SHANK;
    }
}
