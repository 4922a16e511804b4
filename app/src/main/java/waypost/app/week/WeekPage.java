package waypost.app.week;

import java.util.List;
import java.util.Optional;
import waypost.app.course.CourseHead;

/**
 * A week as a page lays it out: a row for each exercise, a column for each day.
 *
 * @param of its Monday, such as "2031-05-05"
 * @param block the id of the block that its last day belongs to, blank while none is written
 * @param before the week before it; blank where a course has none
 * @param after the week after it; blank where nobody looks so far
 * @param told what would not hold, a sentence each
 */
record WeekPage(
        CourseHead head,
        String title,
        String of,
        String block,
        String says,
        String before,
        String after,
        List<Column> columns,
        List<Row> rows,
        List<String> told,
        String contacts) {

    /**
     * A day.
     *
     * @param weekday such as "MONDAY"
     * @param isOpen whether anything may be placed on it: it is not past, and belongs to the block of the page
     */
    record Column(String weekday, String name, String date, String kind, boolean isToday, boolean isOpen) {}

    /**
     * An exercise with its days.
     *
     * @param often "3 of 3 days", with what is wrong with it
     * @param seen where it was placed by hand, such as "MONDAY"; none where its dose says when
     * @param on the weekdays on which it stands
     * @param isInBlock whether it is of the block, and not only done on a day
     */
    record Row(
            String role,
            String title,
            String often,
            boolean isTooOften,
            List<String> seen,
            List<String> on,
            List<Cell> cells,
            boolean isInBlock) {

        /** Whether its days were chosen by hand. */
        public boolean isPlaced() {
            return !seen.isEmpty();
        }
    }

    /**
     * An exercise on a day.
     *
     * @param state empty where it is not meant
     * @param isOpen whether it can be placed here, or taken away
     */
    record Cell(Column column, Optional<WeekState> state, boolean isOpen) {}
}
