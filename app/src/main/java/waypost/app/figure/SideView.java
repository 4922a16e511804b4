package waypost.app.figure;

import java.util.List;
import waypost.core.body.Motion;

/** From the operated side, the face to the right: flexion and extension, and rotation of a raised arm. */
record SideView(Angles still, boolean arm, Motion leading, Angles other) implements View {

    private static final Point HIP = new Point(0, 0);
    private static final double RAISED = 45;
    private static final double END_ON = 0.2;
    private static final double HIPS_FOR_FEET_ON_THE_GROUND = 60;

    @Override
    public String seen() {
        return "from the side";
    }

    private Point shoulder() {
        return HIP.toward(still.trunk(), Build.TRUNK);
    }

    @Override
    public List<Point[]> quiet() {
        return List.of(new Point[] {HIP, shoulder()}, arm(still), leg(other));
    }

    @Override
    public Point[] limb(Angles angles) {
        return arm ? arm(angles) : leg(angles);
    }

    /** A raised arm that turns shows its upper arm end on. */
    private boolean turnsRaised(Angles angles) {
        return angles.has(Motion.SHOULDER_ROTATION)
                && Math.max(angles.of(Motion.SHOULDER_ABDUCTION), angles.of(Motion.SHOULDER_FLEXION)) >= RAISED;
    }

    private Point[] arm(Angles angles) {
        boolean raised = turnsRaised(angles);
        double upper = still.trunk() + 180 + (raised ? 90 : angles.of(Motion.SHOULDER_FLEXION));
        double fore = raised ? rotated(angles.of(Motion.SHOULDER_ROTATION)) : upper + angles.of(Motion.ELBOW_FLEXION);
        Point elbow = shoulder().toward(upper, Build.UPPER_ARM * (raised ? END_ON : 1));
        Point wrist = elbow.toward(fore, Build.FOREARM);
        return new Point[] {shoulder(), elbow, wrist, wrist.toward(fore + angles.of(Motion.WRIST_FLEXION), Build.HAND)};
    }

    private double rotated(double angle) {
        return still.trunk() - 90 + angle;
    }

    private Point[] leg(Angles angles) {
        double thigh = still.trunk() + 180 + angles.of(Motion.HIP_FLEXION);
        double shank = thigh - angles.of(Motion.KNEE_FLEXION);
        double foot = shank + 90 + angles.of(Motion.ANKLE_DORSIFLEXION);
        Point knee = HIP.toward(thigh, Build.THIGH);
        Point ankle = knee.toward(shank, Build.SHANK);
        return new Point[] {HIP, knee, ankle, ankle.toward(foot, Build.FOOT)};
    }

    @Override
    public Point pivot(Angles angles) {
        Point[] limb = limb(angles);
        return switch (leading.joint()) {
            case ELBOW, KNEE -> limb[1];
            case WRIST, ANKLE -> limb[2];
            default -> leading == Motion.SHOULDER_ROTATION ? limb[1] : limb[0];
        };
    }

    @Override
    public double direction(Motion motion, double angle, Angles angles) {
        double arm = still.trunk() + 180;
        double thigh = still.trunk() + 180 + angles.of(Motion.HIP_FLEXION);
        return switch (motion) {
            case SHOULDER_FLEXION, HIP_FLEXION -> arm + angle;
            case SHOULDER_ROTATION -> rotated(angle);
            case ELBOW_FLEXION -> arm + angles.of(Motion.SHOULDER_FLEXION) + angle;
            case KNEE_FLEXION -> thigh - angle;
            case ANKLE_DORSIFLEXION -> thigh - angles.of(Motion.KNEE_FLEXION) + 90 + angle;
            default -> arm + angles.of(Motion.SHOULDER_FLEXION) + angles.of(Motion.ELBOW_FLEXION) + angle;
        };
    }

    @Override
    public Point head() {
        return shoulder().toward(still.trunk(), Build.NECK);
    }

    /** With the hips bent further the feet are on a wall or a chair. */
    private static boolean feetAreDown(Angles angles) {
        return angles.of(Motion.HIP_FLEXION) <= HIPS_FOR_FEET_ON_THE_GROUND;
    }

    /** A foot that stays on the ground: standing, the body moves over it; on the back, shoulders and feet stay down. */
    @Override
    public Placing grounded(Angles angles, Angles start) {
        Point ankle = leg(angles)[2];
        return switch (still.posture()) {
            case STANDING -> Placing.moving(ankle, leg(start)[2]);
            case SUPINE ->
                feetAreDown(start) && feetAreDown(angles) ? Placing.levelling(shoulder(), ankle) : Placing.NONE;
            default -> Placing.NONE;
        };
    }
}
