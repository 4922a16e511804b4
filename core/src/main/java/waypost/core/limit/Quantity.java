package waypost.core.limit;

import java.util.Optional;
import java.util.Set;
import waypost.core.body.Mode;
import waypost.core.body.Tissue;
import waypost.core.demand.Action;
import waypost.core.demand.ArmHeight;
import waypost.core.demand.Count;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.Level;
import waypost.core.demand.Loading;
import waypost.core.demand.Reaching;
import waypost.core.demand.RunningSteps;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;

/**
 * Something of which an exercise asks more or less, and a limit allows at most so much.
 *
 * @param <T> how it is told
 */
public sealed interface Quantity<T extends Comparable<T>>
        permits LimbQuantity,
                Quantity.Effort,
                Quantity.Against,
                Quantity.EndForce,
                Quantity.HandHeight,
                Quantity.Contacts,
                Quantity.Steps {

    /** What this can look at at all. */
    Sought sought();

    /** Whether this looks at the demand at this place of the role. */
    boolean looksAt(Role role, int at);

    /** How much a demand that this looks at asks. */
    T amountIn(Demand demand);

    /** How much the demand at this place asks; empty when this does not look at it. */
    default Optional<T> askedBy(Role role, int at) {
        return looksAt(role, at) ? Optional.of(amountIn(role.demands().get(at))) : Optional.empty();
    }

    /** The demand lowered to at most so much; empty when nothing can be dialled down that far, or nothing is known to lower it. */
    default Optional<Demand> lowered(Demand demand, T most, Reducible by) {
        return Optional.empty();
    }

    /** What "none" leaves; empty when even the least amount is something. */
    Optional<T> none();

    <R> R accept(Visitor<R> visitor);

    /** How hard a tissue works, in the given modes and actions (empty: in all; an unsaid action may be any). */
    record Effort(Tissue tissue, Set<Mode> modes, Set<Action> actions) implements Quantity<Level> {
        public Effort {
            modes = Set.copyOf(modes);
            actions = Set.copyOf(actions);
        }

        @Override
        public Sought sought() {
            return Sought.of(Demand.TissueLoad.class, tissue);
        }

        @Override
        public boolean looksAt(Role role, int at) {
            return role.demands().get(at) instanceof Demand.TissueLoad load && looksAt(load);
        }

        @Override
        public Level amountIn(Demand demand) {
            return ((Demand.TissueLoad) demand).effort();
        }

        private boolean looksAt(Demand.TissueLoad load) {
            return load.tissue() == tissue
                    && (modes.isEmpty() || modes.contains(load.mode()))
                    && (actions.isEmpty()
                            || load.action().map(actions::contains).orElse(true));
        }

        @Override
        public Optional<Level> none() {
            return Optional.of(Level.NONE);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.effort(this);
        }
    }

    /** What the movements of a circumstance work against. */
    record Against(Circumstance circumstance) implements Quantity<Loading> {
        @Override
        public Sought sought() {
            return new Sought(Demand.Movement.class, circumstance.motions());
        }

        @Override
        public boolean looksAt(Role role, int at) {
            return circumstance.matches(role, at);
        }

        @Override
        public Loading amountIn(Demand demand) {
            return ((Demand.Movement) demand).loading();
        }

        @Override
        public Optional<Demand> lowered(Demand demand, Loading most, Reducible by) {
            return by.loading()
                    .filter(least -> !least.exceeds(most))
                    .map(least -> ((Demand.Movement) demand).lightenedTo(most));
        }

        @Override
        public Optional<Loading> none() {
            return Optional.of(Loading.NONE);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.against(this);
        }
    }

    /** How hard the end of the range is pressed in the movements of a circumstance. */
    record EndForce(Circumstance circumstance) implements Quantity<EndRange> {
        @Override
        public Sought sought() {
            return new Sought(Demand.Movement.class, circumstance.motions());
        }

        @Override
        public boolean looksAt(Role role, int at) {
            return circumstance.matches(role, at);
        }

        @Override
        public EndRange amountIn(Demand demand) {
            return ((Demand.Movement) demand).end();
        }

        @Override
        public Optional<Demand> lowered(Demand demand, EndRange most, Reducible by) {
            return by.end()
                    .filter(least -> least.compareTo(most) <= 0)
                    .map(least -> ((Demand.Movement) demand).pressedTo(most));
        }

        @Override
        public Optional<EndRange> none() {
            return Optional.of(EndRange.SHORT_OF_IT);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.endForce(this);
        }
    }

    /** How high the hand works. */
    record HandHeight() implements Quantity<ArmHeight> {
        @Override
        public Sought sought() {
            return Sought.any(Reaching.class);
        }

        @Override
        public boolean looksAt(Role role, int at) {
            return role.demands().get(at) instanceof Reaching;
        }

        @Override
        public ArmHeight amountIn(Demand demand) {
            return ((Reaching) demand).height();
        }

        @Override
        public Optional<ArmHeight> none() {
            return Optional.empty();
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.handHeight(this);
        }
    }

    /** Ground contacts of a session. */
    record Contacts() implements Quantity<Count> {
        @Override
        public Sought sought() {
            return Sought.any(Demand.Contacts.class);
        }

        @Override
        public boolean looksAt(Role role, int at) {
            return role.demands().get(at) instanceof Demand.Contacts;
        }

        @Override
        public Count amountIn(Demand demand) {
            return ((Demand.Contacts) demand).count();
        }

        @Override
        public Optional<Demand> lowered(Demand demand, Count most, Reducible by) {
            return by.contacts().filter(least -> least.compareTo(most) <= 0).map(least -> new Demand.Contacts(most));
        }

        @Override
        public Optional<Count> none() {
            return Optional.of(new Count(0));
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.contacts(this);
        }
    }

    /** Steps of running in a session. */
    record Steps() implements Quantity<Count> {
        @Override
        public Sought sought() {
            return Sought.any(RunningSteps.class);
        }

        @Override
        public boolean looksAt(Role role, int at) {
            return role.demands().get(at) instanceof RunningSteps;
        }

        @Override
        public Count amountIn(Demand demand) {
            return ((RunningSteps) demand).count();
        }

        @Override
        public Optional<Demand> lowered(Demand demand, Count most, Reducible by) {
            return by.contacts()
                    .filter(least -> least.compareTo(most) <= 0)
                    .map(least -> new RunningSteps(most, ((RunningSteps) demand).perMinute()));
        }

        @Override
        public Optional<Count> none() {
            return Optional.of(new Count(0));
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.steps(this);
        }
    }

    /** Answers once for each quantity. */
    interface Visitor<R> {
        R effort(Effort quantity);

        R share(LimbQuantity.Share quantity);

        R against(Against quantity);

        R endForce(EndForce quantity);

        R holding(LimbQuantity.Holding quantity);

        R reach(LimbQuantity.Reach quantity);

        R handHeight(HandHeight quantity);

        R straining(LimbQuantity.Straining quantity);

        R contacts(Contacts quantity);

        R steps(Steps quantity);

        R onKnee(LimbQuantity.OnKnee quantity);

        R pressing(LimbQuantity.Pressing quantity);
    }
}
