package waypost.app.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;

/** A finger from the side, the palm downward, where it begins and where it ends. */
record HandPicture(Motion leading, Map<Motion, Degrees> start, Map<Motion, Degrees> end) {

    static final String SEEN = "the finger from the side";

    private static final Point ELBOW_SIDE = new Point(-75, 0);
    private static final Point WRIST = new Point(-25, 0);
    private static final double[] LENGTHS = {44, 30, 20, 15};
    private static final double[] WIDTHS = {16, 11, 10, 9};
    private static final double ARC_RADIUS = 24;
    private static final List<Motion> CHAIN =
            List.of(Motion.WRIST_FLEXION, Motion.MCP_FLEXION, Motion.PIP_FLEXION, Motion.DIP_FLEXION);

    static boolean shows(Motion leading) {
        return CHAIN.contains(leading);
    }

    private static double at(Map<Motion, Degrees> angles, Motion motion) {
        Degrees said = angles.get(motion);
        return said == null ? 0 : said.value();
    }

    private static Point[] finger(Map<Motion, Degrees> angles) {
        Point[] points = new Point[CHAIN.size() + 1];
        points[0] = WRIST;
        double direction = 0;
        for (int nth = 0; nth < CHAIN.size(); nth++) {
            direction -= at(angles, CHAIN.get(nth));
            points[nth + 1] = points[nth].toward(direction, LENGTHS[nth]);
        }
        return points;
    }

    List<Shape> shapes(Map<Motion, Arc> allowed) {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(BodyShapes.stroke("body-trunk", 18, ELBOW_SIDE, WRIST));
        shapes.addAll(drawn(finger(start), "body-start"));
        Point[] last = finger(end);
        shapes.addAll(drawn(last, "body-end"));
        shapes.add(BodyShapes.mark(last[CHAIN.indexOf(leading)]));
        allowed.forEach((joint, arc) -> shapes.add(limit(joint, arc, last)));
        return shapes;
    }

    private static List<Shape> drawn(Point[] finger, String kind) {
        List<Shape> shapes = new ArrayList<>();
        for (int nth = 0; nth < WIDTHS.length; nth++) {
            shapes.add(BodyShapes.stroke(kind, WIDTHS[nth], finger[nth], finger[nth + 1]));
        }
        return shapes;
    }

    private Shape limit(Motion joint, Arc allowed, Point[] finger) {
        int at = CHAIN.indexOf(joint);
        double before = 0;
        for (Motion motion : CHAIN.subList(0, at)) {
            before -= at(end, motion);
        }
        return new Shape(
                "body-allowed",
                finger[at].arc(
                        ARC_RADIUS,
                        before - allowed.least().value(),
                        before - allowed.most().value()),
                2.5);
    }
}
