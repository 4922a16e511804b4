package waypost.app.course;

import java.util.List;

/** The ladders of a course with a sign for every rung, from easiest to hardest. */
public record Ladders(List<Row> rows, long open, long all) {

    /**
     * One ladder. What is open ends on the line of today: all up to the last open rung stands behind it, the rest ahead.
     *
     * @param line how many signs stand behind the line
     * @param climbed false for tests, which have no order and no line
     */
    public record Row(String title, List<Sign> signs, int line, boolean climbed) {

        private static final int NEAR_BEHIND = 3;
        private static final int NEAR_AHEAD = 2;
        /** More dots than this leave room for one named sign less. */
        private static final int FEW_DOTS = 3;

        /** Signs that no line divides. */
        static Row unordered(String title, List<Sign> signs) {
            return new Row(title, List.copyOf(signs), 0, false);
        }

        static Row of(String title, List<Sign> signs) {
            int line = signs.size();
            while (line > 0 && !signs.get(line - 1).isOpen()) {
                line--;
            }
            return new Row(title, List.copyOf(signs), line, true);
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

        private static int near(int all, int most) {
            return all - most > FEW_DOTS ? most - 1 : Math.min(all, most);
        }

        /** Whether the patient stands on this rung: the hardest that is open. */
        public boolean standsOn(Sign sign) {
            return line > 0 && signs.get(line - 1).equals(sign);
        }
    }

    /**
     * A verdict as a sign.
     *
     * @param shape css name of the verdict's shape
     * @param word the verdict's word
     * @param note the number or date on the sign
     * @param key activity/role, for its address
     */
    public record Sign(String shape, String word, String title, String part, String note, String key) {
        boolean isOpen() {
            return shape.startsWith("open");
        }
    }
}
