package waypost.app.record;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import waypost.app.entry.OutOfReach;

/**
 * A place in a record between two entries: what lies before it was written earlier.
 *
 * @param moment in microseconds since 1970
 * @param key of the entry at the place
 */
record Place(long moment, String key) {

    /** Behind the newest entry. */
    static final Place NEWEST = new Place(Long.MAX_VALUE, "");

    private static final Pattern WRITTEN = Pattern.compile("(\\d{1,17})-([0-9a-f-]{36})");

    /** Reads a place out of an address, as {@code toString} wrote it; empty is the newest. */
    static Place parse(String text) {
        if (text.isEmpty()) {
            return NEWEST;
        }
        Matcher matcher = WRITTEN.matcher(text);
        if (!matcher.matches()) {
            throw OutOfReach.place();
        }
        return new Place(Long.parseLong(matcher.group(1)), matcher.group(2));
    }

    @Override
    public String toString() {
        return moment + "-" + key;
    }
}
