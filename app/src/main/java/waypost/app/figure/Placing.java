package waypost.app.figure;

import java.util.Arrays;

/**
 * Where a body stands so that what bears it stays where it is: turned about a point, then moved.
 *
 * @param turned degrees anticlockwise
 */
record Placing(double turned, Point about, Point moved) {

    static final Placing NONE = new Placing(0, new Point(0, 0), new Point(0, 0));

    /** Moved so that one point comes to lie on another. */
    static Placing moving(Point from, Point to) {
        return new Placing(0, from, new Point(to.x() - from.x(), to.y() - from.y()));
    }

    /** Turned about one point until another lies level with it, to the right. */
    static Placing levelling(Point about, Point other) {
        double direction = Math.toDegrees(Math.atan2(other.y() - about.y(), other.x() - about.x()));
        return new Placing(0 - direction, about, new Point(0, 0));
    }

    Point of(Point point) {
        double angle = Math.toRadians(turned);
        double x = point.x() - about.x();
        double y = point.y() - about.y();
        return new Point(
                about.x() + x * Math.cos(angle) - y * Math.sin(angle) + moved.x(),
                about.y() + x * Math.sin(angle) + y * Math.cos(angle) + moved.y());
    }

    Point[] of(Point... points) {
        return Arrays.stream(points).map(this::of).toArray(Point[]::new);
    }
}
