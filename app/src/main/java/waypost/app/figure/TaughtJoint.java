package waypost.app.figure;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.Posture;
import waypost.core.demand.Support;
import waypost.core.done.Done;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;

/**
 * A joint alone, moved as nobody need train it: in a posture and with its neighbours bent so that it can be seen.
 *
 * @param way in which it goes through the arc
 */
record TaughtJoint(Motion motion, Arc arc, Direction way) {

    /** So many degrees too far show it, and fewer than the least show nothing. */
    private static final double BEYOND = 30;

    private static final double LEAST_BEYOND = 8;
    private static final Degrees RIGHT_ANGLE = Degrees.of(90);

    /** A leg that is shown bent in standing stands on the other. */
    private static final Demand LIFTED = new Demand.Bearing(Limb.LEG, BodyShare.ofPercent(0), Support.ONE);

    /** Through what is allowed. */
    static TaughtJoint within(Motion motion, Arc allowed) {
        return new TaughtJoint(motion, allowed, Direction.POSITIVE);
    }

    /** On beyond it, toward the end at which there is more left; empty where a joint goes no further to speak of. */
    static Optional<TaughtJoint> beyond(Motion motion, Arc allowed) {
        double least = allowed.least().value();
        double most = allowed.most().value();
        double above = Math.min(BEYOND, motion.possible().most().value() - most);
        double below = Math.min(BEYOND, least - motion.possible().least().value());
        if (Math.max(above, below) < LEAST_BEYOND) {
            return Optional.empty();
        }
        return Optional.of(
                above >= below
                        ? new TaughtJoint(motion, Arc.between(least, most + above), Direction.POSITIVE)
                        : new TaughtJoint(motion, Arc.between(least - below, most), Direction.NEGATIVE));
    }

    /** A limb that turns about itself looks as before. */
    boolean isSeen() {
        return motion != Motion.FOREARM_ROTATION && motion != Motion.ANKLE_INVERSION;
    }

    Pose pose() {
        return Pose.of(posture(), still());
    }

    private Posture posture() {
        if (motion == Motion.HIP_ROTATION) {
            return Posture.SITTING;
        }
        return motion.joint() == Joint.HIP || motion.joint() == Joint.ANKLE ? Posture.SUPINE : Posture.STANDING;
    }

    private Map<Motion, Degrees> still() {
        return switch (motion) {
            case SHOULDER_ROTATION -> Map.of(Motion.ELBOW_FLEXION, RIGHT_ANGLE);
            case SHOULDER_CROSSING -> Map.of(Motion.SHOULDER_FLEXION, RIGHT_ANGLE);
            default -> Map.of();
        };
    }

    Role role() {
        Demand.Movement through = Demand.Movement.lightly(motion, arc, way, Mode.ACTIVE, Chain.OPEN);
        return Role.of(
                new RoleKey("limit", "operated"),
                "",
                motion.joint() == Joint.KNEE ? List.of(through, LIFTED) : List.of(through),
                Reducible.NOTHING);
    }

    Done done() {
        return Done.of(pose(), role(), Optional.empty(), List.of());
    }
}
