package waypost.library.desk;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import waypost.core.time.CourseDay;
import waypost.core.time.Moment;

/**
 * Something of a protocol that lies on a day and can be moved.
 *
 * @param key tells it from all others while the files stay as they are: the part's id and a colon where it is of a part, and
 *     the way to it
 * @param about id of the rule, or the role that opens
 * @param title of the rule; the role where it is an opening
 * @param moment from when it holds
 * @param phase the phase that it waits for
 * @param follows whether its day is its phase's, and goes with it
 * @param allows what holds from then on, as it is written; empty where nothing is said
 * @param needs milestones that it waits for
 * @param when under which answers it holds, each as it is written, such as "run-start is week-14"; none for always
 * @param line on which it stands, from 1
 */
public record Post(
        String key,
        Kind kind,
        String about,
        String title,
        Moment moment,
        Optional<String> phase,
        boolean follows,
        Optional<String> allows,
        List<String> needs,
        List<String> when,
        int line) {

    /** What lies there, under which key its day stands, and under which its value, or its two. */
    public enum Kind {
        PHASE("earliest"),
        EXPECTED("expected"),
        LIMIT("from", "allow"),
        DUTY("from", "allow"),
        DUE("by"),
        SET_UP("from", "allow"),
        OPENING("from"),
        MEASURING("from", "every-days"),
        CORRIDOR("from", "low", "high"),
        VISITS("from", "often"),
        HOME("from", "often");

        private final String day;
        private final List<String> saidBy;

        Kind(String day, String... saidBy) {
            this.day = day;
            this.saidBy = List.of(saidBy);
        }

        String day() {
            return day;
        }

        List<String> saidBy() {
            return saidBy;
        }
    }

    private static final Pattern LAST_NUMBER = Pattern.compile("-?\\d{1,5}(?=[^0-9]*$)");
    private static final Pattern FIVES = Pattern.compile("%| to |at most|at least");
    private static final int STEP = 5;

    public Post {
        needs = List.copyOf(needs);
        when = List.copyOf(when);
    }

    /** The day that it lies on; a calendar month as in a course that begins in the middle of a month. */
    public CourseDay day() {
        return moment.from(Moment.REFERENCE);
    }

    /** The part that it is of; empty for the protocol itself. */
    public String file() {
        return fileOf(key);
    }

    static String fileOf(String key) {
        int colon = key.indexOf(':');
        return colon < 0 ? "" : key.substring(0, colon);
    }

    /** Between two values, as they are written. */
    static final String TO = " to ";

    /** What it says, wherever among its like it stands. */
    record Said(
            String rule,
            String about,
            Moment moment,
            Optional<String> phase,
            Optional<String> allows,
            List<String> needs,
            List<String> when) {}

    Said said() {
        return new Said(shippedKey(rule()), about, moment, phase, allows, needs, when);
    }

    /** The entry that it belongs to: the rule of a step, the opening of a case, itself for everything else. */
    public String rule() {
        return key.replaceFirst("/(steps|cases|points)/[0-9]+$", "").replaceFirst("/[0-9]+$", "");
    }

    /** The same place in what ships. */
    String shipped() {
        return shippedKey(key);
    }

    private static String shippedKey(String key) {
        return key.startsWith(Desk.OWN) ? key.substring(Desk.OWN.length()) : key;
    }

    /**
     * What it allows, with its last number higher by so many steps: of five for degrees and percent, else of one.
     *
     * @throws IllegalArgumentException when it says no number
     */
    public String raised(int steps) {
        String written = allows.orElse("");
        Matcher last = LAST_NUMBER.matcher(written);
        if (!last.find()) {
            throw new IllegalArgumentException(
                    "found '" + written + "', allowed: something with a number; write it in the field instead");
        }
        int step = FIVES.matcher(written).find() ? STEP : 1;
        return last.replaceFirst(String.valueOf(Integer.parseInt(last.group()) + steps * step));
    }

    /** Whether what it allows has a number that can be raised. */
    public boolean isRaisable() {
        return kind == Kind.LIMIT && LAST_NUMBER.matcher(allows.orElse("")).find();
    }
}
