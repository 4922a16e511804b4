package waypost.core.time;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.OptionalInt;

/**
 * Days since the course's day 0 (surgery or injury); negative before it.
 *
 * <p>Both countings of weeks are kept apart: day 39 is "5 weeks 4 days completed" and "in week 6".
 */
public record CourseDay(int number) implements Comparable<CourseDay> {

    private static final int DAYS_A_WEEK = 7;

    /** The day of surgery or injury. */
    public static final CourseDay ZERO = new CourseDay(0);

    /** The course day on which {@code date} falls. */
    public static CourseDay between(LocalDate dayZero, LocalDate date) {
        return new CourseDay(Math.toIntExact(ChronoUnit.DAYS.between(dayZero, date)));
    }

    /** The first day on which so many whole weeks are completed: 6 gives day 42. */
    public static CourseDay ofCompletedWeeks(int weeks) {
        return new CourseDay(Math.multiplyExact(weeks, DAYS_A_WEEK));
    }

    /** The first day of the nth week: the sixth week begins on day 35. */
    public static CourseDay ofNthWeek(int week) {
        if (week < 1) {
            throw new IllegalArgumentException("nth week: found " + week + ", allowed: 1 and above");
        }
        return ofCompletedWeeks(week - 1);
    }

    public LocalDate dateFrom(LocalDate dayZero) {
        return dayZero.plusDays(number);
    }

    /** Whole weeks completed; before day 0 the whole weeks still to go, negative. */
    public int weeksCompleted() {
        return number / DAYS_A_WEEK;
    }

    /** Days beyond the completed weeks, 0 to 6, negative before day 0. */
    public int daysBeyondWeeks() {
        return number % DAYS_A_WEEK;
    }

    /** The running week, counted from 1: day 0 to 6 are in week 1. Empty before day 0. */
    public OptionalInt runningWeek() {
        return number < 0 ? OptionalInt.empty() : OptionalInt.of(weeksCompleted() + 1);
    }

    public CourseDay plusDays(int days) {
        return new CourseDay(Math.addExact(number, days));
    }

    public boolean isBefore(CourseDay other) {
        return number < other.number;
    }

    @Override
    public int compareTo(CourseDay other) {
        return Integer.compare(number, other.number);
    }

    @Override
    public String toString() {
        return "day " + number;
    }
}
