package waypost.core.exercise;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A usual dose: sets of repetitions or of time, and how often.
 *
 * @param sets 1 to 20
 * @param aim what one set is
 * @param tempo lowering, pause, lifting, pause in seconds, such as 3-0-2-1
 * @param frequency such as "3 a week"
 */
public record Dose(int sets, SetAim aim, Optional<String> tempo, String frequency) {

    public static final int MOST_SETS = 20;

    private static final Pattern TIMES_A_WEEK = Pattern.compile("([1-6]) a week");

    public Dose {
        if (sets < 1 || sets > MOST_SETS) {
            throw new IllegalArgumentException("sets: found " + sets + ", allowed: 1 to " + MOST_SETS);
        }
    }

    /**
     * A dose as it is typed.
     *
     * @param aim such as "8 to 12 reps"
     */
    public static Dose typed(int sets, String aim, String frequency) {
        return new Dose(sets, SetAim.parse(aim), Optional.empty(), frequency);
    }

    /** On how many days of a week, such as 3 for "3 a week"; empty for what is done on every day. */
    public OptionalInt daysAWeek() {
        Matcher times = TIMES_A_WEEK.matcher(frequency);
        return times.matches() ? OptionalInt.of(Integer.parseInt(times.group(1))) : OptionalInt.empty();
    }

    /** Whether it is done on every day, and so at home. */
    public boolean isDaily() {
        return frequency.contains("day") || frequency.contains("daily") || frequency.contains("hour");
    }
}
