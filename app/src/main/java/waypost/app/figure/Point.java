package waypost.app.figure;

import java.util.Locale;

/** A point with y growing upward; it is turned over where it is written. */
record Point(double x, double y) {

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
