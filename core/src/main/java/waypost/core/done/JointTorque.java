package waypost.core.done;

import waypost.core.anatomy.Half;
import waypost.core.anatomy.Held;
import waypost.core.anatomy.JointMoment;
import waypost.core.body.Direction;
import waypost.core.demand.Demand.Movement;

/** What the muscles of the operated side hold about a joint. */
final class JointTorque {

    private JointTorque() {}

    /** In newton-metres, in the direction in which a movement works; negative where they would have to work the other way. */
    static double of(Held held, Movement movement) {
        JointMoment moment = held.torque(Half.OPERATED, movement.motion().joint());
        double positive = switch (movement.motion()) {
            case SHOULDER_ABDUCTION, HIP_ABDUCTION -> moment.outward();
            case SHOULDER_ROTATION, HIP_ROTATION, FOREARM_ROTATION -> moment.turning();
            case SHOULDER_CROSSING -> -moment.turning();
            case ANKLE_INVERSION -> -moment.outward();
            default -> moment.bending();
        };
        return movement.working() == Direction.POSITIVE ? positive : -positive;
    }
}
