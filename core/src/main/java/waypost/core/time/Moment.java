package waypost.core.time;

import java.time.LocalDate;
import java.util.function.IntFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A point in time as a protocol writes it; it becomes a day once day 0 is known.
 *
 * <p>A duration and a week label are two things, so each form says which it is: {@code day 42}, {@code 6 weeks} (a
 * duration: day 42), {@code completed week 6} (a label: day 42), {@code nth week 6} (a label: day 35), {@code month 4}
 * (four calendar months after day 0).
 */
public sealed interface Moment {

    /** Stands in for a day 0 where a month has to lie somewhere. */
    LocalDate REFERENCE = LocalDate.of(2031, 2, 10);

    /** The course day of this moment for a course whose day 0 is {@code dayZero}. */
    CourseDay from(LocalDate dayZero);

    /** The calendar months that it counts; 0 where it falls on the same course day whatever the date of day 0. */
    default int months() {
        return 0;
    }

    /**
     * The moment on another day, named as this one is where that names it; else as a day. A calendar month names no
     * fixed day, so one that is moved becomes a completed week or a day.
     */
    default Moment movedTo(CourseDay day) {
        return day.equals(from(REFERENCE)) ? this : new Day(day.number());
    }

    private static boolean isWholeWeeks(CourseDay day) {
        return day.number() >= 0 && day.daysBeyondWeeks() == 0;
    }

    /** Reads what {@code toString} writes. */
    static Moment parse(String text) {
        for (Form form : Form.values()) {
            Matcher matcher = form.pattern.matcher(text);
            if (matcher.matches()) {
                return form.make.apply(Integer.parseInt(matcher.group(1)));
            }
        }
        throw new IllegalArgumentException("found '" + text
                + "', allowed: 'day N', 'N weeks', 'completed week N', 'nth week N' or 'month N'" + suggestion(text));
    }

    private static String suggestion(String text) {
        Matcher number = Pattern.compile("\\D*(\\d{1,3})\\D*").matcher(text);
        if (!number.matches()) {
            return "";
        }
        String unit = text.contains("m") ? "month " : text.contains("d") ? "day " : "completed week ";
        return ". Maybe '" + unit + number.group(1) + "'";
    }

    /** A day counted from day 0; negative before it. */
    record Day(int number) implements Moment {
        @Override
        public CourseDay from(LocalDate dayZero) {
            return new CourseDay(number);
        }

        @Override
        public String toString() {
            return "day " + number;
        }
    }

    /** The end of a duration that began on day 0: "for 8 weeks" is 56 days under any counting. */
    record Lasting(int weeks) implements Moment {
        @Override
        public CourseDay from(LocalDate dayZero) {
            return CourseDay.ofCompletedWeeks(weeks);
        }

        @Override
        public Moment movedTo(CourseDay day) {
            return isWholeWeeks(day) ? new Lasting(day.weeksCompleted()) : new Day(day.number());
        }

        @Override
        public String toString() {
            return weeks + " weeks";
        }
    }

    /** A week label in completed weeks: "week 6" is day 42. */
    record CompletedWeek(int week) implements Moment {
        @Override
        public CourseDay from(LocalDate dayZero) {
            return CourseDay.ofCompletedWeeks(week);
        }

        @Override
        public Moment movedTo(CourseDay day) {
            return isWholeWeeks(day) ? new CompletedWeek(day.weeksCompleted()) : new Day(day.number());
        }

        @Override
        public String toString() {
            return "completed week " + week;
        }
    }

    /** A week label that names the running week: "in week 6" begins on day 35. */
    record NthWeek(int week) implements Moment {
        public NthWeek {
            CourseDay.ofNthWeek(week);
        }

        @Override
        public CourseDay from(LocalDate dayZero) {
            return CourseDay.ofNthWeek(week);
        }

        @Override
        public Moment movedTo(CourseDay day) {
            return isWholeWeeks(day) ? new NthWeek(day.weeksCompleted() + 1) : new Day(day.number());
        }

        @Override
        public String toString() {
            return "nth week " + week;
        }
    }

    /** Calendar months after day 0; a missing day of the month becomes its last day. */
    record Month(int months) implements Moment {
        @Override
        public CourseDay from(LocalDate dayZero) {
            return CourseDay.between(dayZero, dayZero.plusMonths(months));
        }

        @Override
        public Moment movedTo(CourseDay day) {
            if (day.equals(from(REFERENCE))) {
                return this;
            }
            return isWholeWeeks(day) ? new CompletedWeek(day.weeksCompleted()) : new Day(day.number());
        }

        @Override
        public String toString() {
            return "month " + months;
        }
    }

    /** The written forms, each with its reader. */
    enum Form {
        DAY("day (-?\\d{1,4})", Day::new),
        LASTING("(\\d{1,3}) weeks", Lasting::new),
        COMPLETED_WEEK("completed week (\\d{1,3})", CompletedWeek::new),
        NTH_WEEK("nth week (\\d{1,3})", NthWeek::new),
        MONTH("month (\\d{1,2})", Month::new);

        private final Pattern pattern;
        private final IntFunction<Moment> make;

        Form(String pattern, IntFunction<Moment> make) {
            this.pattern = Pattern.compile(pattern);
            this.make = make;
        }
    }
}
