package waypost.app.figure;

import java.util.List;
import waypost.core.body.Motion;

/** A finger from the side, the palm downward. */
record HandView(Motion leading) implements View {

    private static final Point ELBOW_SIDE = new Point(-75, 0);
    private static final Point WRIST = new Point(-25, 0);
    private static final double[] LENGTHS = {44, 30, 20, 15};
    private static final List<Motion> CHAIN =
            List.of(Motion.WRIST_FLEXION, Motion.MCP_FLEXION, Motion.PIP_FLEXION, Motion.DIP_FLEXION);

    @Override
    public String seen() {
        return "the finger from the side";
    }

    @Override
    public List<Point[]> quiet() {
        return List.<Point[]>of(new Point[] {ELBOW_SIDE, WRIST});
    }

    @Override
    public Point[] limb(Angles angles) {
        Point[] points = new Point[CHAIN.size() + 1];
        points[0] = WRIST;
        double direction = 0;
        for (int nth = 0; nth < CHAIN.size(); nth++) {
            direction -= angles.of(CHAIN.get(nth));
            points[nth + 1] = points[nth].toward(direction, LENGTHS[nth]);
        }
        return points;
    }

    @Override
    public Point pivot(Angles angles) {
        return limb(angles)[CHAIN.indexOf(leading)];
    }

    @Override
    public double direction(Motion motion, double angle, Angles angles) {
        double direction = 0;
        for (Motion before : CHAIN.subList(0, CHAIN.indexOf(motion))) {
            direction -= angles.of(before);
        }
        return direction - angle;
    }

    @Override
    public Point head() {
        return WRIST;
    }

    @Override
    public double headRadius() {
        return 0;
    }
}
