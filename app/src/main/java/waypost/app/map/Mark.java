package waypost.app.map;

import java.util.Set;

/**
 * Something drawn on a lane.
 *
 * @param kind how it is drawn: passed, now, ahead, gate, gate-next, gate-passed, ceiling, bar, opens, due, overdue,
 *     measured, to-measure, missed, came, booked, hold, order, forecast, differs
 * @param left where it begins on the ruler, 0 to 100
 * @param width how far it goes, 0 for a point
 * @param low the lowest part of the lane's range that is allowed, 0 to 100; only for a ceiling
 * @param high the highest
 * @param label what fits beside it; may be cut off
 * @param words the same in full, with its dates
 */
public record Mark(String kind, double left, double width, double low, double high, String label, String words) {

    private static final double MIDDLE = 50;
    private static final double HANGING = 30;
    private static final double PRECISION = 1000;
    private static final double NARROWEST = 3.4;
    private static final Set<String> DOTS = Set.of("measured", "to-measure", "missed", "came", "booked");

    static Mark of(String kind, double left, double width, String label, String words) {
        return new Mark(kind, left, width, 0, 100, label, words);
    }

    /** Whether it is drawn as a dot. */
    public boolean isDot() {
        return DOTS.contains(kind);
    }

    /** Whether there is room for its label; what is too narrow is told by the table and the pointer. */
    public boolean isLabelled() {
        return !label.isEmpty() && width >= NARROWEST;
    }

    /** Where it begins, for drawing. */
    public String x() {
        return percent(left);
    }

    /** How far it goes; a point is as wide as its sign. */
    public String across() {
        return width > 0 ? percent(width) : "12";
    }

    /** The upper edge of the allowed part of a ceiling, from the top of its lane. */
    public String top() {
        return percent(100 - high);
    }

    /** How tall the allowed part of a ceiling is. */
    public String tall() {
        return percent(Math.max(0, high - low));
    }

    /** On which side of a ceiling's line its label has room: under a high one, over a low one or one that hangs from above. */
    public String side() {
        return !kind.equals("ceiling") ? "" : high > MIDDLE && low < HANGING ? "under" : "over";
    }

    private static String percent(double share) {
        return Math.round(share * PRECISION) / PRECISION + "%";
    }
}
