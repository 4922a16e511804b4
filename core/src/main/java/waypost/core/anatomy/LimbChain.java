package waypost.core.anatomy;

import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import waypost.core.body.Motion;

/** How the segments of one side's limbs are turned, from the angles of its joints outward. */
record LimbChain(JointAngles angles, Half half) {

    private static final RotationConvention TURNS = RotationConvention.VECTOR_OPERATOR;

    private static Rotation about(Vector3D axis, double degrees) {
        return new Rotation(axis, Math.toRadians(degrees), TURNS);
    }

    private double at(Motion motion) {
        return angles.at(half, motion);
    }

    /** Bending carries what hangs from a joint forward. */
    private static Rotation forward(double degrees) {
        return about(Vector3D.PLUS_J, -degrees);
    }

    private static Rotation backward(double degrees) {
        return about(Vector3D.PLUS_J, degrees);
    }

    /** Abduction carries it away from the middle. */
    private Rotation outward(double degrees) {
        return about(Vector3D.PLUS_I, half.outward() * degrees);
    }

    /** External rotation, and supination, turn its front away from the middle. */
    private Rotation turnedOut(double degrees) {
        return about(Vector3D.PLUS_K, half.outward() * degrees);
    }

    private static Rotation one(Rotation outer, Rotation inner) {
        return outer.compose(inner, TURNS);
    }

    Rotation upperArm(Rotation trunk) {
        Rotation across = turnedOut(-at(Motion.SHOULDER_CROSSING));
        Rotation lifted = one(forward(at(Motion.SHOULDER_FLEXION)), outward(at(Motion.SHOULDER_ABDUCTION)));
        return one(one(trunk, one(across, lifted)), turnedOut(at(Motion.SHOULDER_ROTATION)));
    }

    Rotation forearm(Rotation upperArm) {
        return one(one(upperArm, forward(at(Motion.ELBOW_FLEXION))), turnedOut(at(Motion.FOREARM_ROTATION)));
    }

    /** Bending the wrist carries the hand to the side of the palm, which faces the middle in the neutral position. */
    Rotation hand(Rotation forearm) {
        return one(forearm, outward(-at(Motion.WRIST_FLEXION)));
    }

    Rotation thigh(Rotation pelvis) {
        Rotation lifted = one(forward(at(Motion.HIP_FLEXION)), outward(at(Motion.HIP_ABDUCTION)));
        return one(one(pelvis, lifted), turnedOut(at(Motion.HIP_ROTATION)));
    }

    Rotation shank(Rotation thigh) {
        return one(thigh, backward(at(Motion.KNEE_FLEXION)));
    }

    /** Dorsiflexion lifts the toes. */
    Rotation foot(Rotation shank) {
        return one(shank, forward(at(Motion.ANKLE_DORSIFLEXION)));
    }
}
