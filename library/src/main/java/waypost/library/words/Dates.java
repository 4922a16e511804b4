package waypost.library.words;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import waypost.core.time.CourseDay;

/** Says dates with their weekday, and course days in both countings. */
public record Dates(LocalDate dayZero) {

    private static final DateTimeFormatter DATE = DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.ENGLISH);

    /** Such as "Mon 21 Apr 2031". */
    public static String say(LocalDate date) {
        return DATE.format(date);
    }

    /** Such as "Mon 21 Apr 2031 (6 weeks completed)". */
    public String say(CourseDay day) {
        return say(day.dateFrom(dayZero)) + " (" + count(day) + ")";
    }

    private static String count(CourseDay day) {
        boolean wholeWeeks = day.daysBeyondWeeks() == 0 && day.number() > 0;
        return wholeWeeks ? weeks(day.weeksCompleted()) + " completed" : day.toString();
    }

    /** Both countings: "5 weeks 4 days completed · in week 6"; before day 0 "12 days before". */
    public static String bothCountings(CourseDay day) {
        if (day.number() < 0) {
            return -day.number() + (day.number() == -1 ? " day before" : " days before");
        }
        String beyond = day.daysBeyondWeeks() == 0 ? "" : " " + days(day.daysBeyondWeeks());
        return weeks(day.weeksCompleted()) + beyond + " completed · in week "
                + day.runningWeek().getAsInt();
    }

    /** Both countings, short: "7 wk 3 d · week 8"; before day 0 "12 d before". */
    public static String bothCountingsShort(CourseDay day) {
        if (day.number() < 0) {
            return -day.number() + " d before";
        }
        return day.weeksCompleted() + " wk " + day.daysBeyondWeeks() + " d · week "
                + day.runningWeek().getAsInt();
    }

    private static String weeks(int weeks) {
        return weeks == 1 ? "1 week" : weeks + " weeks";
    }

    private static String days(int days) {
        return days == 1 ? "1 day" : days + " days";
    }
}
