package waypost.core.gait;

/** What is put down. */
public enum Part {
    OPERATED_FOOT,
    OTHER_FOOT,
    /** A frame, in both hands. */
    FRAME,
    /** A crutch or cane on the operated side. */
    AID_OPERATED_SIDE,
    /** A crutch or cane on the other side. */
    AID_OTHER_SIDE;

    public boolean isFoot() {
        return this == OPERATED_FOOT || this == OTHER_FOOT;
    }
}
