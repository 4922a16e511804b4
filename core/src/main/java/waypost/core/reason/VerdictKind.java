package waypost.core.reason;

/** The six verdicts, from the most to the least closed; the worst reason decides. */
public enum VerdictKind {
    BARRED,
    ON_HOLD,
    NOT_COVERED,
    NOT_YET,
    OPEN_WITH_LIMIT,
    OPEN;

    /** Open in full or in a reduced form. */
    public boolean isOpen() {
        return this == OPEN || this == OPEN_WITH_LIMIT;
    }

    /** The more closed of the two. */
    public VerdictKind worse(VerdictKind other) {
        return compareTo(other) <= 0 ? this : other;
    }
}
