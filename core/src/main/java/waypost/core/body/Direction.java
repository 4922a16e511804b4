package waypost.core.body;

/** A direction along a motion's axis: positive is flexion, abduction, dorsiflexion; negative is the way back. */
public enum Direction {
    POSITIVE,
    NEGATIVE
}
