package waypost.app.rack;

import java.util.List;
import java.util.function.Predicate;

/**
 * One ladder. What is open ends on the line of today: all up to the last open rung stands behind it, the rest ahead.
 *
 * @param line how many signs stand behind the line
 * @param climbed false for tests, which have no order and no line
 * @param standing the key of the rung on which the patient stands, the hardest that is open; empty when there is none
 */
public record Row(String title, List<Sign> signs, int line, boolean climbed, String standing) {

    private static final int NEAR_BEHIND = 3;
    private static final int NEAR_AHEAD = 2;
    /** More dots than this leave room for one named sign less. */
    private static final int FEW_DOTS = 3;

    public Row {
        signs = List.copyOf(signs);
    }

    /** Signs that no line divides. */
    static Row unordered(String title, List<Sign> signs) {
        return new Row(title, signs, 0, false, "");
    }

    static Row of(String title, List<Sign> signs) {
        int line = signs.size();
        while (line > 0 && !isBehind(signs.get(line - 1))) {
            line--;
        }
        String standing = line > 0 ? signs.get(line - 1).key() : "";
        return new Row(title, signs, line, true, standing);
    }

    private static boolean isBehind(Sign sign) {
        return sign.isOpen() || sign.shape().equals("switched-off");
    }

    /** The same with only some of its signs, each on its side of the line. */
    Row matching(Predicate<Sign> wanted) {
        return new Row(
                title,
                signs.stream().filter(wanted).toList(),
                (int) signs.subList(0, line).stream().filter(wanted).count(),
                climbed,
                standing);
    }

    /** Passed long ago: dots. */
    public List<Sign> farBehind() {
        return signs.subList(0, line - near(line, NEAR_BEHIND));
    }

    public List<Sign> nearBehind() {
        return signs.subList(line - near(line, NEAR_BEHIND), line);
    }

    public List<Sign> nearAhead() {
        return signs.subList(line, line + near(signs.size() - line, NEAR_AHEAD));
    }

    /** Far ahead: dots. */
    public List<Sign> farAhead() {
        return signs.subList(line + near(signs.size() - line, NEAR_AHEAD), signs.size());
    }

    /** Everything behind the line, for the far view. */
    public List<Sign> behind() {
        return signs.subList(0, line);
    }

    /** Everything ahead of it. */
    public List<Sign> ahead() {
        return signs.subList(line, signs.size());
    }

    private static int near(int all, int most) {
        return all - most > FEW_DOTS ? most - 1 : Math.min(all, most);
    }

    /** Whether the patient stands on this rung. */
    public boolean standsOn(Sign sign) {
        return sign.key().equals(standing);
    }
}
