package waypost.core.demand;

import java.util.Optional;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Region;
import waypost.core.body.Tissue;

/** One thing that a role of an exercise or test asks of the operated limb. */
public sealed interface Demand {

    /** Whether this asks anything of {@code region}. */
    boolean concerns(Region region);

    /**
     * A joint is taken through an arc.
     *
     * @param arc the arc used
     * @param needs the flexion-side angle that must be there to do it in good alignment, if it matters
     * @param working the direction in which the muscles work: a squat works the knee toward extension (negative)
     */
    record Movement(
            Motion motion, Arc arc, Optional<Degrees> needs, Direction working, Mode mode, Chain chain, Loading loading)
            implements Demand {

        public Movement {
            if (!motion.possible().contains(arc)) {
                throw new IllegalArgumentException("arc of " + motion + ": found "
                        + arc.least().value() + " to " + arc.most().value() + ", allowed: "
                        + motion.possible().least().value() + " to "
                        + motion.possible().most().value());
            }
        }

        @Override
        public boolean concerns(Region region) {
            return region.joints().contains(motion.joint());
        }

        public Movement within(Arc allowed) {
            Optional<Degrees> stillNeeded = needs.map(angle -> angle.min(allowed.most()));
            return new Movement(motion, allowed, stillNeeded, working, mode, chain, loading);
        }

        public Movement lightenedTo(Loading most) {
            Mode lighter = most.exceeds(Loading.OWN_WEIGHT) || mode != Mode.RESISTED ? mode : Mode.ACTIVE;
            return new Movement(motion, arc, needs, working, lighter, chain, most);
        }
    }

    /** A tissue is loaded so hard, in a mode: {@code PASSIVE} is a stretch. */
    record TissueLoad(Tissue tissue, Level effort, Mode mode) implements Demand {
        @Override
        public boolean concerns(Region region) {
            return effort != Level.NONE && region.tissues().contains(tissue);
        }
    }

    /** The operated limb carries a share of body mass, alone or beside the other. */
    record Bearing(BodyShare share, Support support) implements Demand {
        @Override
        public boolean concerns(Region region) {
            return region.bearing() && share.percent() > 0;
        }
    }

    /** Landing impact or twisting on the planted limb. */
    record Strain(StrainKind kind, Level level) implements Demand {
        @Override
        public boolean concerns(Region region) {
            return level != Level.NONE;
        }
    }

    /** What a {@link Strain} is made of. */
    enum StrainKind {
        IMPACT,
        TWISTING
    }
}
