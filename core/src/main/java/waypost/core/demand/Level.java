package waypost.core.demand;

/** How hard something is asked, in four steps that a clinician can tell apart. */
public enum Level {
    NONE,
    LOW,
    MODERATE,
    HIGH;

    public boolean exceeds(Level most) {
        return compareTo(most) > 0;
    }
}
