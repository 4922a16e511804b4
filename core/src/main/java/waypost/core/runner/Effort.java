package waypost.core.runner;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How hard it is meant to be, of 10: "7 to 8". */
public record Effort(int least, int most) {

    private static final Pattern WRITTEN = Pattern.compile("(\\d{1,2})(?: to (\\d{1,2}))?");
    private static final int HARDEST = 10;

    public Effort {
        if (least < 0 || most > HARDEST || least > most) {
            throw new IllegalArgumentException(
                    "effort: found " + least + " to " + most + ", allowed: 0 to " + HARDEST + ", the lesser first");
        }
    }

    public static Effort parse(String text) {
        Matcher written = WRITTEN.matcher(text);
        if (!written.matches()) {
            throw new IllegalArgumentException("effort: found '" + text + "', allowed: such as '7 to 8' or '5', of 10");
        }
        int least = Integer.parseInt(written.group(1));
        return new Effort(least, written.group(2) == null ? least : Integer.parseInt(written.group(2)));
    }

    @Override
    public String toString() {
        return (least < most ? least + " to " : "") + most + " of 10";
    }
}
