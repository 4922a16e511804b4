package waypost.app.figure;

import java.util.List;
import waypost.core.body.Motion;
import waypost.core.body.Side;

/** From the front: abduction and adduction, rotation of a hanging shank, the tilt of a foot. Lying, it is turned with the body. */
record FrontView(Angles still, boolean arm, Motion leading, Side side) implements View {

    private static final Point HIPS = new Point(0, 0);

    @Override
    public String seen() {
        return "from the front";
    }

    /** The operated limb's side in the picture: the right one is on the left. */
    private int outward() {
        return side == Side.RIGHT ? -1 : 1;
    }

    private double trunk() {
        return still.trunk() == 90 ? 90 : 180;
    }

    private Point neck() {
        return HIPS.toward(trunk(), Build.TRUNK);
    }

    private Point shoulder(int where) {
        return neck().toward(trunk() - 90 * where, Build.SHOULDERS);
    }

    private Point hip(int where) {
        return HIPS.toward(trunk() - 90 * where, Build.HIPS);
    }

    @Override
    public List<Point[]> quiet() {
        return List.of(
                new Point[] {HIPS, neck()},
                new Point[] {shoulder(-1), shoulder(1)},
                new Point[] {hip(-1), hip(1)},
                arm(still, -outward()),
                leg(still, -outward()),
                arm ? leg(still, outward()) : arm(still, outward()));
    }

    @Override
    public Point[] limb(Angles angles) {
        return arm ? arm(angles, outward()) : leg(angles, outward());
    }

    private Point[] arm(Angles angles, int where) {
        double down = trunk() + 180 + where * angles.of(Motion.SHOULDER_ABDUCTION);
        Point elbow = shoulder(where).toward(down, Build.UPPER_ARM);
        Point wrist = elbow.toward(down, Build.FOREARM * shown(angles.of(Motion.ELBOW_FLEXION)));
        return new Point[] {shoulder(where), elbow, wrist, wrist.toward(down, Build.HAND)};
    }

    private Point[] leg(Angles angles, int where) {
        double down = trunk() + 180 + where * angles.of(Motion.HIP_ABDUCTION);
        double shank = down - where * angles.of(Motion.HIP_ROTATION);
        double foot = shank + where * (90 - angles.of(Motion.ANKLE_INVERSION));
        Point knee = hip(where).toward(down, Build.THIGH * shown(angles.of(Motion.HIP_FLEXION)));
        Point ankle = knee.toward(shank, Build.SHANK);
        return new Point[] {hip(where), knee, ankle, ankle.toward(foot, Build.FOOT / 2)};
    }

    /** How much of a segment is seen that is bent toward the eye. */
    private static double shown(double bent) {
        return Math.max(0.3, Math.abs(Math.cos(Math.toRadians(bent))));
    }

    @Override
    public Point pivot(Angles angles) {
        Point[] limb = limb(angles);
        return switch (leading) {
            case HIP_ROTATION -> limb[1];
            case ANKLE_INVERSION -> limb[2];
            default -> limb[0];
        };
    }

    @Override
    public double direction(Motion motion, double angle, Angles angles) {
        double down = trunk() + 180;
        double leg = down + outward() * angles.of(Motion.HIP_ABDUCTION);
        return switch (motion) {
            case HIP_ROTATION -> leg - outward() * angle;
            case ANKLE_INVERSION -> leg - outward() * angles.of(Motion.HIP_ROTATION) + outward() * (90 - angle);
            default -> down + outward() * angle;
        };
    }

    @Override
    public Point head() {
        return neck().toward(trunk(), Build.NECK);
    }
}
