package waypost.core.anatomy;

import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;

/**
 * A body seen from the side whose hands and feet are put somewhere: hips and knees, shoulders and elbows bend as two sides of a
 * triangle must, knees forward and elbows back. All feet are flat.
 *
 * @param hips the middle between the hips
 * @param lean of the trunk out of the vertical in degrees, forward is more; -90 is lying on the back
 */
public record Sagittal(Build build, Place hips, double lean, JointAngles angles) {

    /** A place from the side, in metres. */
    public record Place(double ahead, double up) {

        public double to(Place other) {
            return Math.hypot(other.ahead - ahead, other.up - up);
        }

        /** So many metres on the way to another. */
        public Place toward(Place other, double metres) {
            double share = metres / to(other);
            return new Place(ahead + share * (other.ahead - ahead), up + share * (other.up - up));
        }
    }

    private static final double ANKLE_UP = 0.039;
    private static final double HANGING_ELBOW = 8;

    /** With limbs hanging. */
    public static Sagittal at(Build build, Place hips, double lean) {
        Sagittal body = new Sagittal(build, hips, lean, JointAngles.alike(Map.of()));
        for (Half half : Half.values()) {
            body = body.bent(half, Motion.SHOULDER_FLEXION, lean).bent(half, Motion.ELBOW_FLEXION, HANGING_ELBOW);
        }
        return body;
    }

    /** How high the ankle of a foot is that stands on something so high, in metres. */
    public static double ankleUp(Build build, double floor) {
        return floor + build.metres(ANKLE_UP);
    }

    /** How long a leg is from hip to ankle, in metres. */
    public static double leg(Build build) {
        return build.length(Segment.THIGH) + build.length(Segment.SHANK);
    }

    public Place shoulder() {
        double trunk = build.length(Segment.TRUNK);
        double angle = Math.toRadians(lean);
        return new Place(hips.ahead() + trunk * Math.sin(angle), hips.up() + trunk * Math.cos(angle));
    }

    /** With this ankle there, as far as the leg reaches. */
    public Sagittal foot(Half half, Place ankle) {
        TwoBones leg = TwoBones.between(hips, ankle, build.length(Segment.THIGH), build.length(Segment.SHANK));
        double thigh = leg.direction() + leg.aside();
        return bent(half, Motion.HIP_FLEXION, thigh + lean)
                .bent(half, Motion.KNEE_FLEXION, leg.bend())
                .bent(half, Motion.ANKLE_DORSIFLEXION, leg.bend() - thigh);
    }

    /** With this palm there, as far as the arm reaches. */
    public Sagittal hand(Half half, Place palm) {
        TwoBones arm = TwoBones.between(shoulder(), palm, build.length(Segment.UPPER_ARM), toPalm());
        return bent(half, Motion.SHOULDER_FLEXION, arm.direction() - arm.aside() + lean)
                .bent(half, Motion.ELBOW_FLEXION, arm.bend());
    }

    public boolean reachesWithFoot(Place ankle) {
        return hips.to(ankle) <= leg(build);
    }

    public boolean reachesWithHand(Place palm) {
        return shoulder().to(palm) <= build.length(Segment.UPPER_ARM) + toPalm();
    }

    private double toPalm() {
        return build.length(Segment.FOREARM) + build.length(Segment.HAND) / 2;
    }

    private Sagittal bent(Half half, Motion motion, double degrees) {
        return new Sagittal(build, hips, lean, angles.with(half, motion, Degrees.of(degrees)));
    }

    public Skeleton body() {
        return Skeleton.of(build, angles, Attitude.UPRIGHT.leaning(lean, 0), new Vector3D(hips.ahead(), 0, hips.up()));
    }

    /**
     * Two bones from one place to another, in degrees.
     *
     * @param direction from straight down, forward is more
     * @param aside how far the first is out of the line between the places
     * @param bend between the two; 0 is straight
     */
    private record TwoBones(double direction, double aside, double bend) {

        static TwoBones between(Place from, Place to, double first, double second) {
            double apart = Math.min(from.to(to), first + second);
            double direction = Math.toDegrees(Math.atan2(to.ahead() - from.ahead(), from.up() - to.up()));
            return new TwoBones(direction, angle(first, apart, second), 180 - angle(first, second, apart));
        }

        /** Between two sides of a triangle, across from the third. */
        private static double angle(double one, double other, double across) {
            double cosine = (one * one + other * other - across * across) / (2 * one * other);
            return Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, cosine))));
        }
    }
}
