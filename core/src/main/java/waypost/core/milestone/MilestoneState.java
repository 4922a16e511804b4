package waypost.core.milestone;

/** Where a milestone stands, from met to not met. */
public enum MilestoneState {
    MET,
    /** Met by less than the error of the tool, once: measure again on another day. */
    PENDING,
    OUT_OF_DATE,
    MISSING,
    /** There is no valid reading and its test may not be done yet. */
    TEST_NOT_SAFE_YET,
    NOT_MET;

    /** Whether a reading taken now could change it. */
    public boolean wantsReading() {
        return this == PENDING || this == OUT_OF_DATE || this == MISSING;
    }
}
