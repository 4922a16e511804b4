package waypost.core.prescription;

/** Which side does it. */
public enum WorkedSide {
    OPERATED,
    /** Each in turn or at once; the operated one decides how it goes on. */
    BOTH
}
