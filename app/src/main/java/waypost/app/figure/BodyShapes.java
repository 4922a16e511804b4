package waypost.app.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Segment;
import waypost.core.anatomy.Skeleton;
import waypost.core.anatomy.Spot;
import waypost.core.body.Limb;

/** The limbs, trunk and head of a body as strokes as thick as they are. */
record BodyShapes(Skeleton body, Camera camera) {

    private static final double MARK = 6;
    private static final double TRUNK_WIDTH = 15;
    private static final double SHOULDERS = 0.68;
    private static final double HIPS = 0.42;
    private static final double BENDING = 0.02;
    private static final double NECK_WIDTH = 8;
    private static final double HEAD_RADIUS = 0.085;
    private static final double NOSE = 0.035;

    private Point begin(Half half, Segment segment) {
        return camera.at(body.begin(half, segment));
    }

    private Point end(Half half, Segment segment) {
        return camera.at(body.end(half, segment));
    }

    private Point spot(Half half, Spot spot) {
        return camera.at(body.spot(half, spot));
    }

    /** From its root outward, each segment as thick as it is. */
    List<Shape> limb(Half half, Limb limb, String kind) {
        return limb == Limb.ARM ? arm(half, kind) : leg(half, kind);
    }

    private List<Shape> arm(Half half, String kind) {
        return List.of(
                stroke(kind, 9, begin(half, Segment.UPPER_ARM), begin(half, Segment.FOREARM)),
                stroke(kind, 7.5, begin(half, Segment.FOREARM), begin(half, Segment.HAND)),
                stroke(kind, 6, begin(half, Segment.HAND), end(half, Segment.HAND)));
    }

    private List<Shape> leg(Half half, String kind) {
        return List.of(
                stroke(kind, 13, begin(half, Segment.THIGH), begin(half, Segment.SHANK)),
                stroke(kind, 10, begin(half, Segment.SHANK), begin(half, Segment.FOOT)),
                new Shape(kind, Point.path(begin(half, Segment.FOOT), spot(half, Spot.HEEL), toes(half)) + "Z", 5));
    }

    /** Toes bend where they would go into the floor. */
    private Point toes(Half half) {
        Vector3D tip = body.end(half, Segment.FOOT);
        return tip.getZ() < -BENDING ? spot(half, Spot.TOES) : camera.at(tip);
    }

    /** A corner of the trunk, so far from its middle as a share of the way to the shoulders. */
    private Point corner(Half half, double out, boolean top) {
        Vector3D shoulder = body.begin(half, Segment.UPPER_ARM);
        Vector3D neck = body.begin(half, Segment.HEAD);
        Vector3D middle = top ? neck : body.begin(half, Segment.TRUNK);
        return camera.at(middle.add(out, shoulder.subtract(neck)));
    }

    /** Trunk, neck and head with the face. */
    List<Shape> middle(String kind) {
        List<Shape> shapes = new ArrayList<>();
        Point[] trunk = {
            corner(Half.OPERATED, SHOULDERS, true),
            corner(Half.OTHER, SHOULDERS, true),
            corner(Half.OTHER, HIPS, false),
            corner(Half.OPERATED, HIPS, false)
        };
        shapes.add(new Shape(kind + " body-filled", Point.path(trunk) + "Z", TRUNK_WIDTH));
        Vector3D neck = body.begin(Half.OPERATED, Segment.HEAD);
        Vector3D head = neck.add(HEAD_RADIUS + NOSE, body.upward());
        shapes.add(stroke(kind, NECK_WIDTH, camera.at(neck), camera.at(head)));
        shapes.add(new Shape(kind + " body-filled", circle(camera.at(head), HEAD_RADIUS * 100), 2));
        Vector3D face = head.add(HEAD_RADIUS, body.facing());
        shapes.add(stroke(kind, 5, camera.at(face), camera.at(face.add(NOSE, body.facing()))));
        return shapes;
    }

    static Shape stroke(String kind, double width, Point... points) {
        return new Shape(kind, Point.path(points), width);
    }

    static String circle(Point centre, double radius) {
        return String.format(
                Locale.ROOT,
                "M%.1f %.1fa%.1f %.1f 0 1 0 %.1f 0a%.1f %.1f 0 1 0 %.1f 0",
                centre.x() - radius,
                0 - centre.y(),
                radius,
                radius,
                2 * radius,
                radius,
                radius,
                -2 * radius);
    }

    /** A diamond around a place: what is operated is told by shape as well as by colour. */
    static Shape mark(Point at) {
        return new Shape(
                "body-mark",
                Point.path(
                                new Point(at.x(), at.y() + MARK),
                                new Point(at.x() + MARK, at.y()),
                                new Point(at.x(), at.y() - MARK),
                                new Point(at.x() - MARK, at.y()))
                        + "Z",
                1.5);
    }
}
