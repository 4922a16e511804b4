package waypost.core.limit;

import java.util.Optional;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Demand;
import waypost.core.demand.Kneeling;
import waypost.core.demand.Level;
import waypost.core.demand.LeverLength;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;
import waypost.core.demand.Pressed;
import waypost.core.demand.StrainKind;
import waypost.core.demand.Support;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;

/**
 * Something of which one limb does more or less.
 *
 * @param <T> how it is told
 */
public sealed interface LimbQuantity<T extends Comparable<T>> extends Quantity<T> {

    /** The share of body mass that a limb carries, on one kind of support if named. */
    record Share(Limb limb, Optional<Support> support) implements LimbQuantity<BodyShare> {
        @Override
        public Sought sought() {
            return Sought.of(Demand.Bearing.class, limb);
        }

        @Override
        public boolean looksAt(Role role, int at) {
            return role.demands().get(at) instanceof Demand.Bearing bearing
                    && bearing.limb() == limb
                    && support.map(s -> s == bearing.support()).orElse(true);
        }

        @Override
        public BodyShare amountIn(Demand demand) {
            return ((Demand.Bearing) demand).share();
        }

        @Override
        public Optional<Demand> lowered(Demand demand, BodyShare most, Reducible by) {
            return by.share()
                    .filter(least -> least.compareTo(most) <= 0)
                    .map(least -> new Demand.Bearing(limb, most, ((Demand.Bearing) demand).support()));
        }

        @Override
        public Optional<BodyShare> none() {
            return Optional.of(BodyShare.ofPercent(0));
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.share(this);
        }
    }

    /** A load that a limb holds, pulls or pushes, in one unit. */
    record Holding(Limb limb, LoadUnit unit) implements LimbQuantity<Load> {
        @Override
        public Sought sought() {
            return Sought.of(Demand.Held.class, limb);
        }

        @Override
        public boolean looksAt(Role role, int at) {
            return role.demands().get(at) instanceof Demand.Held held
                    && held.limb() == limb
                    && held.load().unit() == unit;
        }

        @Override
        public Load amountIn(Demand demand) {
            return ((Demand.Held) demand).load();
        }

        @Override
        public Optional<Demand> lowered(Demand demand, Load most, Reducible by) {
            return by.load()
                    .filter(least -> least.unit() == unit && least.compareTo(most) <= 0)
                    .map(least -> new Demand.Held(limb, most));
        }

        @Override
        public Optional<Load> none() {
            return Optional.of(new Load(0, unit));
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.holding(this);
        }
    }

    /** How long a limb's lever is. */
    record Reach(Limb limb) implements LimbQuantity<LeverLength> {
        @Override
        public Sought sought() {
            return Sought.of(Demand.Lever.class, limb);
        }

        @Override
        public boolean looksAt(Role role, int at) {
            return role.demands().get(at) instanceof Demand.Lever lever && lever.limb() == limb;
        }

        @Override
        public LeverLength amountIn(Demand demand) {
            return ((Demand.Lever) demand).length();
        }

        @Override
        public Optional<LeverLength> none() {
            return Optional.empty();
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.reach(this);
        }
    }

    /** Impact, twisting, balance or speed on a limb. */
    record Straining(StrainKind kind, Limb limb) implements LimbQuantity<Level> {
        @Override
        public Sought sought() {
            return Sought.of(Demand.Strain.class, limb);
        }

        @Override
        public boolean looksAt(Role role, int at) {
            return role.demands().get(at) instanceof Demand.Strain strain
                    && strain.kind() == kind
                    && strain.limb() == limb;
        }

        @Override
        public Level amountIn(Demand demand) {
            return ((Demand.Strain) demand).level();
        }

        @Override
        public Optional<Level> none() {
            return Optional.of(Level.NONE);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.straining(this);
        }
    }

    /** The share of body mass that a bent knee is knelt on with. */
    record OnKnee() implements LimbQuantity<BodyShare> {
        @Override
        public Sought sought() {
            return Sought.any(Kneeling.class);
        }

        @Override
        public boolean looksAt(Role role, int at) {
            return role.demands().get(at) instanceof Kneeling;
        }

        @Override
        public BodyShare amountIn(Demand demand) {
            return ((Kneeling) demand).share();
        }

        @Override
        public Optional<BodyShare> none() {
            return Optional.of(BodyShare.ofPercent(0));
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.onKnee(this);
        }
    }

    /** How hard something presses on the limb beside a joint. */
    record Pressing(Joint joint) implements LimbQuantity<Level> {
        @Override
        public Sought sought() {
            return Sought.of(Pressed.class, joint);
        }

        @Override
        public boolean looksAt(Role role, int at) {
            return role.demands().get(at) instanceof Pressed pressed && pressed.joint() == joint;
        }

        @Override
        public Level amountIn(Demand demand) {
            return ((Pressed) demand).level();
        }

        @Override
        public Optional<Level> none() {
            return Optional.of(Level.NONE);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.pressing(this);
        }
    }
}
