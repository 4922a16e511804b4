package waypost.app.home;

import java.time.format.TextStyle;
import java.util.Locale;
import java.util.stream.Collectors;
import waypost.core.home.HomeLine;
import waypost.core.home.Rhythm;

/** Says a line of a program in the trade's words. */
public final class HomeWords implements Rhythm.Visitor<String> {

    private static final HomeWords ONLY = new HomeWords();
    private static final int HOUR = 60;

    private HomeWords() {}

    /** "3 a day", "every 2 hours", "1 a day, Mon Wed Fri". */
    public static String often(HomeLine line) {
        String often = line.rhythm().accept(ONLY);
        return line.days().isEmpty()
                ? often
                : often
                        + line.days().stream()
                                .sorted()
                                .map(day -> day.getDisplayName(TextStyle.SHORT, Locale.ENGLISH))
                                .collect(Collectors.joining(" ", ", ", ""));
    }

    @Override
    public String times(Rhythm.Times rhythm) {
        return rhythm.aDay() + " a day";
    }

    @Override
    public String hourly(Rhythm.Hourly rhythm) {
        int minutes = rhythm.everyMinutes();
        return minutes % HOUR == 0
                ? minutes == HOUR ? "every hour" : "every " + minutes / HOUR + " hours"
                : "every " + minutes + " min";
    }
}
