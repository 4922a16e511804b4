package waypost.core.protocol;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How often: 1 to 24 times a day, or 1 to 21 times a week. */
public record Frequency(int times, Per per) {

    private static final Pattern WRITTEN = Pattern.compile("(\\d{1,2}) a (day|week)");

    /** In which stretch of time. */
    public enum Per {
        DAY(24),
        WEEK(21);

        private final int most;

        Per(int most) {
            this.most = most;
        }
    }

    public Frequency {
        if (times < 1 || times > per.most) {
            throw new IllegalArgumentException("frequency: found " + times + " a "
                    + per.name().toLowerCase(Locale.ROOT) + ", allowed: 1 to " + per.most);
        }
    }

    /** Reads "10 a day" or "3 a week". */
    public static Frequency parse(String text) {
        Matcher matcher = WRITTEN.matcher(text);
        if (!matcher.matches()) {
            throw new IllegalArgumentException("found '" + text + "', allowed: such as '10 a day' or '3 a week'");
        }
        return new Frequency(
                Integer.parseInt(matcher.group(1)), Per.valueOf(matcher.group(2).toUpperCase(Locale.ROOT)));
    }

    /** How often in seven days. */
    public double perWeek() {
        return per == Per.DAY ? times * 7.0 : times;
    }

    @Override
    public String toString() {
        return times + " a " + per.name().toLowerCase(Locale.ROOT);
    }
}
