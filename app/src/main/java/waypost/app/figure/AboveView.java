package waypost.app.figure;

import java.util.List;
import waypost.core.body.Motion;
import waypost.core.body.Side;

/** From above, the face upward in the picture: rotation of a hanging arm, an arm that crosses, a forearm that turns over. */
record AboveView(Motion leading, Side side) implements View {

    private static final double END_ON = 6;

    @Override
    public String seen() {
        return leading == Motion.FOREARM_ROTATION ? "along the forearm" : "from above";
    }

    private int outward() {
        return side == Side.RIGHT ? 1 : -1;
    }

    private Point shoulder(int where) {
        return new Point(where * Build.SHOULDERS, 0);
    }

    @Override
    public List<Point[]> quiet() {
        Point other = shoulder(-outward());
        return List.of(new Point[] {shoulder(-1), shoulder(1)}, new Point[] {
            other, other.toward(90, END_ON), other.toward(90, END_ON + Build.FOREARM)
        });
    }

    @Override
    public Point[] limb(Angles angles) {
        double turned = direction(leading, angles.of(leading), angles);
        Point shoulder = shoulder(outward());
        if (leading == Motion.SHOULDER_CROSSING) {
            Point elbow = shoulder.toward(turned, Build.UPPER_ARM);
            Point wrist = elbow.toward(turned, Build.FOREARM);
            return new Point[] {shoulder, elbow, wrist, wrist.toward(turned, Build.HAND)};
        }
        Point elbow = shoulder.toward(90, leading == Motion.FOREARM_ROTATION ? Build.UPPER_ARM : END_ON);
        Point wrist = elbow.toward(turned, Build.FOREARM);
        return new Point[] {shoulder, elbow, wrist, wrist.toward(turned, Build.HAND)};
    }

    @Override
    public Point pivot(Angles angles) {
        return leading == Motion.SHOULDER_CROSSING ? limb(angles)[0] : limb(angles)[1];
    }

    @Override
    public double direction(Motion motion, double angle, Angles angles) {
        return motion == Motion.SHOULDER_CROSSING ? 90 - outward() * (90 - angle) : 90 - outward() * angle;
    }

    @Override
    public Point head() {
        return new Point(0, 0);
    }
}
