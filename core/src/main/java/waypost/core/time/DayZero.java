package waypost.core.time;

/** What day 0 of a course is. */
public enum DayZero {
    /** The day of surgery; it may be planned. */
    SURGERY,
    /** The day of the injury, for a course without surgery. */
    INJURY,
    /** The day on which the course began, where neither an operation nor an injury stands behind it. */
    START
}
