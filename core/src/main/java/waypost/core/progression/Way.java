package waypost.core.progression;

/** Which way a dose goes. */
public enum Way {
    NEW,
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
