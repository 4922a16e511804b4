package waypost.app.dial;

import java.util.Locale;
import waypost.core.body.Arc;

/**
 * The geometry of a dial: 0° points to the left, positive angles turn clockwise, the hub is at 0, 0.
 *
 * @param shown the angles that the dial shows
 */
record DialFace(Arc shown) {

    static final double RIM = 80;
    private static final double EDGE = 104;
    private static final double HUB_ROOM = 12;
    private static final double LABEL_ROOM = 22;

    /** The part of the plane that holds the dial. */
    String viewBox() {
        double top = -RIM;
        double bottom = HUB_ROOM;
        for (double angle = shown.least().value(); angle <= shown.most().value(); angle++) {
            bottom = Math.max(bottom, y(angle, RIM));
        }
        return said(-EDGE) + " " + said(top - LABEL_ROOM) + " " + said(2 * EDGE) + " "
                + said(bottom - top + 2 * LABEL_ROOM);
    }

    /** A sector between two angles and two radii, as a path. */
    String sector(double from, double to, double inner, double outer) {
        return "M" + at(from, inner) + "L" + at(from, outer) + turn(from, to, outer, 1) + "L" + at(to, inner)
                + turn(to, from, inner, 0) + "Z";
    }

    /** A line along a radius, as a path. */
    String arc(double from, double to, double radius) {
        return "M" + at(from, radius) + turn(from, to, radius, 1);
    }

    /** A line from one radius to another at an angle, as a path. */
    String ray(double angle, double inner, double outer) {
        return "M" + at(angle, inner) + "L" + at(angle, outer);
    }

    double x(double angle, double radius) {
        return -radius * Math.cos(Math.toRadians(angle));
    }

    double y(double angle, double radius) {
        return -radius * Math.sin(Math.toRadians(angle));
    }

    private String turn(double from, double to, double radius, int sweep) {
        int large = Math.abs(to - from) > 180 ? 1 : 0;
        return "A" + said(radius) + " " + said(radius) + " 0 " + large + " " + sweep + " " + at(to, radius);
    }

    private String at(double angle, double radius) {
        return said(x(angle, radius)) + " " + said(y(angle, radius));
    }

    static String said(double number) {
        return String.format(Locale.ROOT, "%.1f", number);
    }
}
