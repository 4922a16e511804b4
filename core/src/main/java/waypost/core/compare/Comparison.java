package waypost.core.compare;

import java.time.LocalDate;
import java.util.List;
import waypost.core.course.Course;
import waypost.core.time.CourseDay;

/**
 * Two courses with one day 0, day by day as if all went to plan: two protocols, two versions of one, or one under two
 * sets of answers.
 *
 * @param roles roles that are judged otherwise on some day; a role that one library lacks counts there as not covered
 * @param limits things of which they leave otherwise on some day
 */
public record Comparison(Course left, Course right, List<RoleDifference> roles, List<LimitDifference> limits) {

    public Comparison {
        roles = List.copyOf(roles);
        limits = List.copyOf(limits);
    }

    /**
     * Compares the courses on every day on which a rule of either changes.
     *
     * @throws IllegalArgumentException when their day 0 differs
     */
    public static Comparison of(Course left, Course right) {
        LocalDate dayZero = left.resolved().dayZero();
        if (!dayZero.equals(right.resolved().dayZero())) {
            throw new IllegalArgumentException("comparison: found day 0 on " + dayZero + " and "
                    + right.resolved().dayZero() + ", allowed: one day 0");
        }
        return new DayByDay(left, right).compared();
    }

    /** What of it is still to come: nothing that ended on this day or before. */
    public Comparison from(CourseDay day) {
        return new Comparison(
                left,
                right,
                roles.stream().flatMap(role -> role.from(day).stream()).toList(),
                limits.stream().flatMap(limit -> limit.from(day).stream()).toList());
    }
}
