package waypost.app.map;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import waypost.core.time.CourseDay;

/**
 * The stretch of a course that is shown.
 *
 * @param first the first day shown
 * @param last the day at the right edge
 */
public record Ruler(LocalDate dayZero, CourseDay first, CourseDay last) {

    private static final int DAYS_A_WEEK = 7;
    private static final int MOST_TICKS = 15;
    private static final double EDGE = 1.5;
    private static final DateTimeFormatter MONTH = DateTimeFormatter.ofPattern("MMM", Locale.ENGLISH);

    /**
     * A place on the ruler with its label.
     *
     * @param left from 0 at the first day to 100 at the last
     */
    public record Tick(double left, String label) {}

    public Ruler {
        if (!first.isBefore(last)) {
            throw new IllegalArgumentException(
                    "ruler: found " + first + " to " + last + ", allowed: the earlier first");
        }
    }

    /** Where a day lies, from 0 to 100; days beyond the edges lie on them. */
    public double at(CourseDay day) {
        double share = 100.0 * (day.number() - first.number()) / span();
        return Math.max(0, Math.min(100, share));
    }

    public int span() {
        return last.number() - first.number();
    }

    boolean shows(CourseDay day) {
        return !day.isBefore(first) && !last.isBefore(day);
    }

    /** Weeks completed, as many as can be told apart. */
    public List<Tick> weeks() {
        int step = 1;
        while (span() / (DAYS_A_WEEK * step) > MOST_TICKS) {
            step = step == 1 ? 2 : step + 2;
        }
        List<Tick> ticks = new ArrayList<>();
        int from = Math.floorDiv(first.number() + DAYS_A_WEEK * step - 1, DAYS_A_WEEK * step) * step;
        for (int week = from; week * DAYS_A_WEEK <= last.number(); week += step) {
            add(ticks, CourseDay.ofCompletedWeeks(week), String.valueOf(week));
        }
        return ticks;
    }

    /** The first of each month; every second or third where they would crowd. */
    public List<Tick> months() {
        List<LocalDate> firsts = first.dateFrom(dayZero)
                .withDayOfMonth(1)
                .plusMonths(1)
                .datesUntil(last.dateFrom(dayZero).plusDays(1), java.time.Period.ofMonths(1))
                .toList();
        int every = firsts.size() / MOST_TICKS + 1;
        List<Tick> ticks = new ArrayList<>();
        for (int i = 0; i < firsts.size(); i += every) {
            add(ticks, CourseDay.between(dayZero, firsts.get(i)), MONTH.format(firsts.get(i)));
        }
        return ticks;
    }

    /** A label on the edge would be cut. */
    private void add(List<Tick> ticks, CourseDay day, String label) {
        double left = at(day);
        if (left > EDGE && left < 100 - EDGE) {
            ticks.add(new Tick(left, label));
        }
    }
}
