package waypost.core.demand;

import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Region;

/** The floor has to be reached, and left again: for hands and knees, kneeling and plank. */
public record GettingDown() implements Demand {

    /** Whoever bends a knee so far under the body's weight gets down and up. Common practice, no source. */
    private static final double DEEP = 100;

    @Override
    public Object of() {
        return Limb.LEG;
    }

    @Override
    public boolean isCarried() {
        return false;
    }

    @Override
    public boolean concerns(Region region) {
        return region.minds(Limb.LEG);
    }

    @Override
    public boolean isNoMoreThan(Demand other) {
        return other instanceof GettingDown
                || other instanceof Demand.Movement movement
                        && movement.motion() == Motion.KNEE_FLEXION
                        && movement.chain() == Chain.CLOSED
                        && movement.loading() != Loading.NONE
                        && (movement.mode() == Mode.ACTIVE || movement.mode() == Mode.RESISTED)
                        && movement.arc().most().value() >= DEEP;
    }
}
