package waypost.core.demand;

/** What a muscle does while it works. */
public enum Action {
    HOLDING,
    SHORTENING,
    LENGTHENING,
    FAST
}
