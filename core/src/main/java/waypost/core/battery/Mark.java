package waypost.core.battery;

/** How a station was done. */
public enum Mark {
    /** Reached by at least the error of measuring, or on two days. */
    PASS,
    /** Reached once by less than the error: a second day has to show it. */
    JUST,
    /** Missed by less than the error. */
    NEAR,
    FAIL,
    /** Too long ago to count. */
    OLD,
    NOT_TAKEN,
    /** The test may not be done today. */
    CLOSED;

    /** Whether doing it today could change it. */
    public boolean wantsDoing() {
        return this != PASS && this != CLOSED;
    }
}
