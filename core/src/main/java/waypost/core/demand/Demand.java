package waypost.core.demand;

import java.util.Optional;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Region;
import waypost.core.body.Tissue;

/** One thing that a role of an exercise or test asks of the operated limb. */
public sealed interface Demand
        permits Kneeling,
                GettingDown,
                Lasting,
                RunningSteps,
                Pressed,
                Reaching,
                Demand.Movement,
                Demand.TissueLoad,
                Demand.Bearing,
                Demand.Strain,
                Demand.Contacts,
                Demand.Held,
                Demand.Lever,
                Demand.Placed {

    /** Whether this asks anything of {@code region}. */
    boolean concerns(Region region);

    /** Whether the limb is only carried by it: no muscle works, nothing is borne or held, no end of range is pressed. */
    boolean isCarried();

    /** Whether whoever may do {@code other} may do this as well; only what is told by reckoning is compared. */
    default boolean isNoMoreThan(Demand other) {
        return equals(other);
    }

    /** Whether both ask, more or less, the same kind of thing of the same. */
    default boolean isOfTheSameAs(Demand other) {
        return getClass() == other.getClass() && of().equals(other.of());
    }

    /** What it is asked of: a motion, a tissue, a limb; for a posture the posture itself. */
    Object of();

    /**
     * A joint is taken through an arc.
     *
     * @param arc the arc used
     * @param needs the positive-end angle that must be there to do it in good alignment, if it matters
     * @param working the direction in which the muscles work: a squat works the knee toward extension (negative)
     * @param end how hard the end of the range is pressed
     */
    record Movement(
            Motion motion,
            Arc arc,
            Optional<Degrees> needs,
            Direction working,
            Mode mode,
            Chain chain,
            Loading loading,
            EndRange end)
            implements Demand {

        public Movement {
            if (!motion.possible().contains(arc)) {
                throw new IllegalArgumentException("arc of " + motion + ": found "
                        + arc.least().value() + " to " + arc.most().value() + ", allowed: "
                        + motion.possible().least().value() + " to "
                        + motion.possible().most().value());
            }
        }

        /** Through this arc against nothing and not to the end. */
        public static Movement lightly(Motion motion, Arc arc, Direction way, Mode mode, Chain chain) {
            return new Movement(motion, arc, Optional.empty(), way, mode, chain, Loading.NONE, EndRange.SHORT_OF_IT);
        }

        @Override
        public Object of() {
            return motion;
        }

        @Override
        public boolean isCarried() {
            return (mode == Mode.PASSIVE || mode == Mode.ASSISTED) && end.compareTo(EndRange.FIRST_RESISTANCE) <= 0;
        }

        @Override
        public boolean concerns(Region region) {
            return region.joints().contains(motion.joint());
        }

        /** Modes are no ladder, but who may work against more may work against the limb's own weight. */
        @Override
        public boolean isNoMoreThan(Demand other) {
            return other instanceof Movement more
                    && more.motion() == motion
                    && more.arc().contains(arc)
                    && more.chain() == chain
                    && (more.mode() == mode || mode == Mode.ACTIVE && more.mode() == Mode.RESISTED)
                    && !loading.exceeds(more.loading())
                    && end.compareTo(more.end()) <= 0;
        }

        public Movement within(Arc allowed) {
            Optional<Degrees> stillNeeded = needs.map(angle -> angle.min(allowed.most()));
            return new Movement(motion, allowed, stillNeeded, working, mode, chain, loading, end);
        }

        /** The same arc and end, moved by somebody else, with the far end of the limb free or not. */
        public Movement pressedSo(Mode other, Chain through) {
            return new Movement(motion, arc, needs, working, other, through, loading, end);
        }

        public Movement lightenedTo(Loading most) {
            Mode lighter = most.exceeds(Loading.OWN_WEIGHT) || mode != Mode.RESISTED ? mode : Mode.ACTIVE;
            return new Movement(motion, arc, needs, working, lighter, chain, most, end);
        }

        public Movement pressedTo(EndRange most) {
            return new Movement(motion, arc, needs, working, mode, chain, loading, most);
        }
    }

    /** A tissue is loaded so hard, in a mode ({@code PASSIVE} is a stretch); an action that is not said may be any. */
    record TissueLoad(Tissue tissue, Level effort, Mode mode, Optional<Action> action) implements Demand {
        @Override
        public boolean isNoMoreThan(Demand other) {
            return other instanceof TissueLoad more
                    && more.tissue() == tissue
                    && !effort.exceeds(more.effort())
                    && (more.mode() == mode || mode == Mode.ACTIVE && more.mode() == Mode.RESISTED)
                    && (more.action().isEmpty() || more.action().equals(action));
        }

        @Override
        public Object of() {
            return tissue;
        }

        @Override
        public boolean isCarried() {
            return effort == Level.NONE || mode == Mode.PASSIVE && effort == Level.LOW;
        }

        @Override
        public boolean concerns(Region region) {
            return effort != Level.NONE && region.tissues().contains(tissue);
        }
    }

    /** A limb carries a share of body mass, alone or beside the other. */
    record Bearing(Limb limb, BodyShare share, Support support) implements Demand {
        @Override
        public Object of() {
            return limb;
        }

        @Override
        public boolean isCarried() {
            return share.percent() == 0;
        }

        @Override
        public boolean concerns(Region region) {
            return share.percent() > 0 && region.minds(limb);
        }

        @Override
        public boolean isNoMoreThan(Demand other) {
            return other instanceof Bearing more
                    && more.limb() == limb
                    && share.compareTo(more.share()) <= 0
                    && support.compareTo(more.support()) <= 0;
        }
    }

    /** Impact, twisting, balance or speed asked of the limb. */
    record Strain(StrainKind kind, Limb limb, Level level) implements Demand {
        @Override
        public boolean isNoMoreThan(Demand other) {
            return other instanceof Strain more
                    && more.kind() == kind
                    && more.limb() == limb
                    && !level.exceeds(more.level());
        }

        @Override
        public Object of() {
            return limb;
        }

        @Override
        public boolean isCarried() {
            return level == Level.NONE;
        }

        @Override
        public boolean concerns(Region region) {
            return level != Level.NONE && region.minds(limb);
        }
    }

    /** Ground contacts of a session, 0 to 20,000. */
    record Contacts(Count count) implements Demand {
        @Override
        public Object of() {
            return Limb.LEG;
        }

        @Override
        public boolean isCarried() {
            return count.number() == 0;
        }

        @Override
        public boolean concerns(Region region) {
            return count.number() > 0 && region.minds(Limb.LEG);
        }
    }

    /** Something is held, pulled or pushed. */
    record Held(Limb limb, Load load) implements Demand {
        @Override
        public Object of() {
            return limb;
        }

        @Override
        public boolean isCarried() {
            return load.amount() == 0;
        }

        @Override
        public boolean isNoMoreThan(Demand other) {
            return other instanceof Held more
                    && more.limb() == limb
                    && more.load().unit() == load.unit()
                    && load.compareTo(more.load()) <= 0;
        }

        @Override
        public boolean concerns(Region region) {
            return load.amount() > 0 && region.minds(limb);
        }
    }

    /** How far out the load of a limb acts. */
    record Lever(Limb limb, LeverLength length) implements Demand {
        @Override
        public Object of() {
            return limb;
        }

        @Override
        public boolean isCarried() {
            return true;
        }

        @Override
        public boolean concerns(Region region) {
            return region.minds(limb);
        }
    }

    /** How the body is placed; only lying on the operated side asks something of the region. */
    record Placed(Posture posture) implements Demand {
        @Override
        public Object of() {
            return posture;
        }

        @Override
        public boolean isCarried() {
            return posture != Posture.ON_OPERATED_SIDE;
        }

        @Override
        public boolean concerns(Region region) {
            return posture == Posture.ON_OPERATED_SIDE;
        }
    }
}
