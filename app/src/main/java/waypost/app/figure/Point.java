package waypost.app.figure;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** A point with y growing upward; it is turned over where it is written. */
record Point(double x, double y) {

    private static final Pattern NUMBERS = Pattern.compile("(-?\\d+\\.\\d) (-?\\d+\\.\\d)");

    /** The end of a segment of this length in this direction, degrees anticlockwise from the right. */
    Point toward(double direction, double length) {
        double turned = Math.toRadians(direction);
        return new Point(x + length * Math.cos(turned), y + length * Math.sin(turned));
    }

    String said() {
        return String.format(Locale.ROOT, "%.1f %.1f", x, 0 - y);
    }

    static String path(Point... points) {
        StringBuilder path = new StringBuilder("M").append(points[0].said());
        for (int nth = 1; nth < points.length; nth++) {
            path.append('L').append(points[nth].said());
        }
        return path.toString();
    }

    /** The least of what is drawn, by its numbers. */
    static double leftmost(List<Shape> shapes) {
        return ofAll(shapes).mapToDouble(Point::x).min().orElse(0);
    }

    static double rightmost(List<Shape> shapes) {
        return ofAll(shapes).mapToDouble(Point::x).max().orElse(0);
    }

    static double lowest(List<Shape> shapes) {
        return ofAll(shapes).mapToDouble(Point::y).min().orElse(0);
    }

    static double highest(List<Shape> shapes) {
        return ofAll(shapes).mapToDouble(Point::y).max().orElse(0);
    }

    private static Stream<Point> ofAll(List<Shape> shapes) {
        return shapes.stream()
                .flatMap(shape ->
                        NUMBERS.matcher(shape.path().replaceAll("a[^M]*", "")).results())
                .map(found -> new Point(Double.parseDouble(found.group(1)), 0 - Double.parseDouble(found.group(2))));
    }

    /** An arc about this point from one direction anticlockwise to another. */
    String arc(double radius, double from, double to) {
        Point begins = toward(from, radius);
        Point ends = toward(to, radius);
        int large = Math.abs(to - from) > 180 ? 1 : 0;
        int sweep = to > from ? 0 : 1;
        return String.format(
                Locale.ROOT, "M%sA%.1f %.1f 0 %d %d %s", begins.said(), radius, radius, large, sweep, ends.said());
    }
}
