package waypost.library.words;

import waypost.core.measure.Measure;
import waypost.core.measure.Plain;
import waypost.core.trend.Trend;

/** Says how fast a measure moves. */
public final class TrendWords {

    private static final int WEEK = 7;

    private TrendWords() {}

    /** "4.2° better a week (80 %: 2.9 to 5.6)"; with no change in the interval, that it may be none. */
    public static String say(Trend trend) {
        Measure measure = trend.measure();
        double perWeek = trend.perDay() * WEEK;
        String unit = measure.unit().suffix();
        String line = Plain.number(Math.abs(perWeek)) + unit + (perWeek < 0 ? " worse" : " better") + " a week";
        String interval =
                " (80 %: " + Plain.number(trend.slowest() * WEEK) + " to " + Plain.number(trend.fastest() * WEEK) + ")";
        return trend.slowest() <= 0 && trend.fastest() >= 0
                ? line + interval + ", which may be no change at all"
                : line + interval;
    }
}
