package waypost.core.progression;

/** What keeps every dose from going up on a day. */
public enum Brake {
    /** More pain on coming in than a set may give. */
    PAIN_ON_ARRIVAL,
    /** A red flag of the mildest tier was raised. */
    FLAG_HOLDS_PROGRESS,
    /** A red flag asked to stop an exercise and step back. */
    FLAG_STEPS_BACK,
    MORE_SWELLING,
    /** Knee effusion of 2+ or more by the stroke test (Sturgill et al. 2009, from memory). */
    EFFUSION,
    /** The region flared after the last session. */
    FLARED_LAST_TIME
}
