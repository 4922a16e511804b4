package waypost.app.map;

import waypost.core.time.CourseDay;

/** How much of a course is shown at once. */
public enum Scale {
    /** Six weeks around the shown date. */
    WEEKS(14, 28),
    /** About four months around it. */
    MONTHS(28, 98),
    /** From two weeks before it begins to its last phase. */
    WHOLE(0, 0);

    private final int before;
    private final int after;

    Scale(int before, int after) {
        this.before = before;
        this.after = after;
    }

    /** The stretch shown around a day, within a course that goes from {@code begins} to {@code ends}. */
    CourseDay first(CourseDay day, CourseDay begins) {
        return this == WHOLE ? begins : new CourseDay(Math.max(begins.number(), day.number() - before));
    }

    CourseDay last(CourseDay day, CourseDay begins, CourseDay ends) {
        return this == WHOLE ? ends : first(day, begins).plusDays(before + after);
    }
}
