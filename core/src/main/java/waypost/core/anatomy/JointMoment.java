package waypost.core.anatomy;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import waypost.core.body.Joint;

/**
 * What the muscles about a joint hold, in newton-metres.
 *
 * @param bending toward flexion, or dorsiflexion; negative toward extension
 * @param outward toward abduction; negative toward adduction
 * @param turning toward external rotation; negative toward internal
 */
public record JointMoment(double bending, double outward, double turning) {

    /** From the vector by the axes of what the joint hangs on. */
    static JointMoment of(Half half, Joint joint, Vector3D held) {
        // Bending lifts forward, about the y axis backward; the knee bends the other way.
        double bending = joint == Joint.KNEE ? held.getY() : -held.getY();
        return new JointMoment(bending, half.outward() * held.getX(), half.outward() * held.getZ());
    }

    /** Whichever way it is held. */
    public double whole() {
        return Math.sqrt(bending * bending + outward * outward + turning * turning);
    }
}
