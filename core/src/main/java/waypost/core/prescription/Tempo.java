package waypost.core.prescription;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How slowly a repetition is done, written such as 3-0-2-1.
 *
 * @param lowering seconds, 0 to 60, as the others
 * @param pause at the lower end
 * @param lifting back
 * @param hold at the upper end
 */
public record Tempo(int lowering, int pause, int lifting, int hold) {

    private static final Pattern WRITTEN = Pattern.compile("(\\d{1,2})-(\\d{1,2})-(\\d{1,2})-(\\d{1,2})");
    private static final int SLOWEST = 60;

    public Tempo {
        if (Math.max(Math.max(lowering, pause), Math.max(lifting, hold)) > SLOWEST
                || lowering + pause + lifting + hold == 0) {
            throw unreadable(lowering + "-" + pause + "-" + lifting + "-" + hold);
        }
    }

    public static Tempo parse(String text) {
        Matcher written = WRITTEN.matcher(text);
        if (!written.matches()) {
            throw unreadable(text);
        }
        return new Tempo(
                Integer.parseInt(written.group(1)),
                Integer.parseInt(written.group(2)),
                Integer.parseInt(written.group(3)),
                Integer.parseInt(written.group(4)));
    }

    private static IllegalArgumentException unreadable(String found) {
        return new IllegalArgumentException("tempo: found '" + found
                + "', allowed: seconds lowering, pause, lifting and hold, each 0 to 60, such as 3-0-2-1");
    }

    @Override
    public String toString() {
        return lowering + "-" + pause + "-" + lifting + "-" + hold;
    }
}
