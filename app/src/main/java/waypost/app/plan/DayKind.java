package waypost.app.plan;

/** What a weekday of a block is for. */
public enum DayKind {
    STRENGTH,
    /** Range, light work and a walk. */
    OFF,
    CONDITIONING
}
