package waypost.app.exchange;

import java.util.Arrays;
import java.util.List;

/** The columns of a file of readings, in the order written; those that are needed must stand in its first row. */
enum Column {
    ID("id", false),
    MEASURE("measure", true),
    SIDE("side", true),
    MODE("mode", false),
    VALUE("value", true),
    UNIT("unit", false),
    ON("on", true),
    STRICT("strict", false),
    RATER("rater", false),
    TOOL("tool", false),
    POSITION("position", false),
    PAIN("pain", false),
    END_FEEL("end feel", false),
    WORKING("working", false);

    private final String title;
    private final boolean needed;

    Column(String title, boolean needed) {
        this.title = title;
        this.needed = needed;
    }

    String title() {
        return title;
    }

    static List<String> titles() {
        return Arrays.stream(values()).map(Column::title).toList();
    }

    static List<String> needed() {
        return Arrays.stream(values())
                .filter(column -> column.needed)
                .map(Column::title)
                .toList();
    }
}
