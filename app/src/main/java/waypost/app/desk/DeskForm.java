package waypost.app.desk;

import java.time.DateTimeException;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.core.time.Moment;
import waypost.library.desk.Change;

/**
 * What a form of the desk sends.
 *
 * @param act {@code day} (at, value: a day, raised: steps), {@code moment} (at, value), {@code value} (at, value),
 *     {@code step} (at: a rule, from, value), {@code without} (at), {@code open} (value: a role, from: a moment or a phase),
 *     {@code part} (value), {@code also} (at: a list, value: an entry), {@code text} (file, value)
 * @param file whose text is shown beside the map; whose text it is where that is kept
 */
record DeskForm(String act, String at, String value, String raised, String from, String file) {

    static final String PROTOCOL = "protocol";
    private static final int LATEST = 1000;
    private static final int LONGEST_ENTRY = 4000;
    private static final int LONGEST_TEXT = 200_000;

    /** The name of a file on the desk. */
    static String file(String shown) {
        return shown.equals(PROTOCOL) ? "" : shown;
    }

    boolean isText() {
        return act.equals("text");
    }

    DeskAct asked() {
        return switch (act) {
            case "day" -> new DeskAct.Moved(at, day(), number(raised.isBlank() ? "0" : raised));
            case "moment" -> new DeskAct.Written(at, moment(value));
            case "value" -> new DeskAct.One(new Change.ToValue(at, said()), "");
            case "step" ->
                new DeskAct.One(new Change.Step(at, moment(from), said()), "one more step from " + from + ": " + value);
            case "without" -> new DeskAct.One(new Change.Without(at), "without " + at);
            case "open" ->
                new DeskAct.One(
                        new Change.Also("", "openings", "{ open: " + role() + ", " + since() + " }"),
                        "opens " + role() + ", " + since());
            case "part" ->
                new DeskAct.One(
                        new Change.Also("", "includes", "part: " + Palette.id(value)), "includes the part " + value);
            case "also" -> new DeskAct.One(new Change.Also("", Palette.list(at), entry()), "one more of " + at);
            case "text" -> new DeskAct.Text(file(file), text());
            default -> throw new FormProblem("desk", "Choose what to do on the desk.");
        };
    }

    private int day() {
        int day = number(value);
        if (Math.abs(day) > LATEST) {
            throw new FormProblem("desk", "Found day " + day + ", allowed: up to " + LATEST + ".");
        }
        return day;
    }

    private static int number(String typed) {
        if (!typed.strip().matches("-?\\d{1,4}")) {
            throw new FormProblem("desk", "Found '" + typed + "', allowed: a whole number of days.");
        }
        return Integer.parseInt(typed.strip());
    }

    private static Moment moment(String typed) {
        try {
            return Moment.parse(typed.strip());
        } catch (IllegalArgumentException | DateTimeException unreadable) {
            throw new FormProblem("desk", "Nothing was changed: " + unreadable.getMessage() + ".");
        }
    }

    private String said() {
        if (value.isBlank() || value.length() > 200 || value.chars().anyMatch(Character::isISOControl)) {
            throw new FormProblem("desk", "Write what holds from then on, in one line, such as 50 % or 0 to 90.");
        }
        return value.strip();
    }

    private String role() {
        return Entered.role(value, "Choose what opens.").toString();
    }

    /** From a moment, or with a phase. */
    private String since() {
        return from.startsWith("phase ") ? "phase: " + Palette.id(from.substring(6)) : "from: " + moment(from);
    }

    private String entry() {
        String entry = value.replace("\r\n", "\n").strip();
        if (entry.isEmpty() || entry.length() > LONGEST_ENTRY) {
            throw new FormProblem("desk", "Write it as the format has it, in up to " + LONGEST_ENTRY + " characters.");
        }
        return entry;
    }

    private String text() {
        String text = value.replace("\r\n", "\n");
        if (text.length() > LONGEST_TEXT) {
            throw new FormProblem(
                    "desk", "Found " + text.length() + " characters, allowed: up to " + LONGEST_TEXT + ".");
        }
        return text;
    }
}
