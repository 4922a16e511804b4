package waypost.app.course;

import java.util.List;

/** The ladders of a course with a sign for every rung, from easiest to hardest. */
public record Ladders(List<Row> rows, long open, long all) {

    /** One ladder. */
    public record Row(String title, List<Sign> signs) {}

    /**
     * A verdict as a sign.
     *
     * @param shape css name of the verdict's shape
     * @param word the verdict's word
     * @param note the number or date on the sign
     * @param key activity/role, for its address
     */
    public record Sign(String shape, String word, String title, String part, String note, String key) {}
}
