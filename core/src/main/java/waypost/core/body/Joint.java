package waypost.core.body;

/** A joint, or the trunk taken as one. */
public enum Joint {
    HIP,
    KNEE,
    ANKLE,
    TRUNK
}
