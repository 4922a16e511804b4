package waypost.core.progression;

/** Which way a dose goes. */
public enum Way {
    NEW,
    /** As the therapist wrote it, for the first time since. */
    PRESCRIBED,
    NEXT_RUNG,
    UP,
    SAME,
    DOWN,
    RUNG_BEFORE,
    REST;

    /** Whether more is asked than last time. */
    public boolean isHarder() {
        return this == NEXT_RUNG || this == UP;
    }
}
