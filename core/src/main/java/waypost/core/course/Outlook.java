package waypost.core.course;

/** How a date in the future is to be read. On past dates and today both are the same. */
public enum Outlook {
    /** Phase and readings stay as they are; only time passes. */
    TIME_ONLY,
    /** Phases advance when expected, milestones are met and the needed range is there. */
    TO_PLAN
}
