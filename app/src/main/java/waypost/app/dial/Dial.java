package waypost.app.dial;

import java.util.List;

/**
 * A dial ready to be drawn, with the same facts as a list.
 *
 * @param motion the axis, as files write it
 * @param shapes back to front
 * @param labels numbers round the rim, and the bound
 * @param facts what it shows, for a table
 */
public record Dial(
        String title, String motion, String viewBox, List<Shape> shapes, List<Label> labels, List<Fact> facts) {

    /**
     * A path of the drawing.
     *
     * @param kind usual, allowed, beyond, edge, rim, other, asked, passive, active, goal or before
     */
    public record Shape(String kind, String path) {}

    /** A number on the drawing; {@code kind} is tick or number. */
    public record Label(String kind, String x, String y, String text) {}

    /** A line of the table. */
    public record Fact(String what, String value) {}

    public Dial {
        shapes = List.copyOf(shapes);
        labels = List.copyOf(labels);
        facts = List.copyOf(facts);
    }

    /** Everything it shows in one sentence. */
    public String said() {
        return title + ": "
                + String.join(
                        "; ",
                        facts.stream()
                                .map(fact -> fact.what() + " " + fact.value())
                                .toList());
    }
}
