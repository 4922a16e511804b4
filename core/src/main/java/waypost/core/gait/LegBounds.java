package waypost.core.gait;

import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;
import waypost.core.demand.BodyShare;

/**
 * How far the operated leg may bend while it is walked on.
 *
 * @param hip flexion; less than 0 is behind the body
 * @param knee flexion
 */
public record LegBounds(Arc hip, Arc knee) {

    public static final LegBounds FREE = new LegBounds(Motion.HIP_FLEXION.possible(), Motion.KNEE_FLEXION.possible());

    /** What a step past the foot leaves behind, and what a leg hanging off the floor bends; by the body's own lengths. */
    private static final Degrees LEFT_BEHIND = Degrees.of(-10);

    private static final Degrees HANGING_KNEE = Degrees.of(45);

    /** Whether the other foot may not go past it. */
    boolean isNeverBehind() {
        return hip.least().compareTo(LEFT_BEHIND) > 0;
    }

    /** Whether the other foot may go past a leg that carries so much. */
    boolean letsPass(BodyShare most) {
        return !isNeverBehind() && !isHeldStraight(most);
    }

    /** Whether a leg that carries so much takes nothing and may not bend enough to hang. */
    boolean isHeldStraight(BodyShare most) {
        return most.percent() == 0 && !hangs();
    }

    /** Whether the knee may bend enough to hang off the floor and to give on a stair; else it is held straight. */
    boolean hangs() {
        return knee.contains(HANGING_KNEE);
    }
}
