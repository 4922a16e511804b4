package waypost.app.figure;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** A curved way with a head at its end. */
final class Arrow {

    private static final double HEAD = 6;
    private static final double SHORTEST = 8;
    private static final double OPEN = 25;

    private Arrow() {}

    /** Through three points; none where next to nothing is seen of it. */
    static Optional<Shape> along(List<Point> way) {
        Point from = way.get(0);
        Point over = way.get(1);
        Point to = way.get(2);
        double seen =
                Math.hypot(over.x() - from.x(), over.y() - from.y()) + Math.hypot(to.x() - over.x(), to.y() - over.y());
        if (seen < SHORTEST) {
            return Optional.empty();
        }
        Point pull = new Point(2 * over.x() - (from.x() + to.x()) / 2, 2 * over.y() - (from.y() + to.y()) / 2);
        double direction = Math.toDegrees(Math.atan2(to.y() - pull.y(), to.x() - pull.x()));
        String curve = String.format(Locale.ROOT, "M%sQ%s %s", from.said(), pull.said(), to.said());
        String head = Point.path(to.toward(direction + 180 - OPEN, HEAD), to, to.toward(direction + 180 + OPEN, HEAD));
        return Optional.of(new Shape("body-arrow", curve + head, 1.8));
    }
}
