package waypost.library.secondjudge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Mode;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Count;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.Kneeling;
import waypost.core.demand.Load;
import waypost.core.demand.Loading;
import waypost.core.demand.Pressed;
import waypost.core.demand.Reaching;
import waypost.core.demand.RunningSteps;
import waypost.core.exercise.Role;
import waypost.core.limit.ActivityLimit;
import waypost.core.limit.Allowed;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.Circumstance;
import waypost.core.limit.CombinedLimit;
import waypost.core.limit.Component;
import waypost.core.limit.LimbQuantity;
import waypost.core.limit.Limit;
import waypost.core.limit.MotionLimit;
import waypost.core.limit.PostureLimit;
import waypost.core.limit.Quantity;

/**
 * A limit against one demand of a role, compared and cut from the data alone.
 *
 * @param said how many of the demands the role says; those after it the body asks, and nobody can turn them down
 */
record Cutting(Limit<?> limit, Allowed<?> allowed, int at, int said) {

    /** Combinations last, then by rule and place. */
    static List<Cutting> inOrder(List<Cutting> all) {
        return all.stream()
                .sorted(Comparator.comparing((Cutting c) -> c.limit instanceof CombinedLimit)
                        .thenComparing(c -> c.limit.head().id())
                        .thenComparing(Cutting::at))
                .toList();
    }

    boolean excused(Role role) {
        Set<String> inPlace = new HashSet<>(role.setUps());
        inPlace.retainAll(limit.head().unless());
        return limit.head().exempt().contains(role.key().activity()) || !inPlace.isEmpty();
    }

    boolean looksAt(Role role) {
        Demand demand = role.demands().get(at);
        if (limit instanceof MotionLimit motion) {
            return inCircumstance(motion.circumstance(), role);
        }
        if (limit instanceof CombinedLimit combined) {
            return demand instanceof Demand.Movement m
                    && m.motion() == combined.components().get(0).motion();
        }
        if (limit instanceof PostureLimit posture) {
            return demand instanceof Demand.Placed placed && posture.postures().contains(placed.posture());
        }
        if (limit instanceof ActivityLimit activity) {
            return at == 0 && activity.activities().contains(role.key().activity());
        }
        return asked(((AmountLimit<?>) limit).quantity(), role).isPresent();
    }

    private boolean inCircumstance(Circumstance c, Role role) {
        if (!(role.demands().get(at) instanceof Demand.Movement m)) {
            return false;
        }
        boolean support = c.support().isEmpty()
                || role.demands().stream()
                        .anyMatch(d -> d instanceof Demand.Bearing b
                                && b.support() == c.support().get());
        return c.motions().contains(m.motion())
                && (c.working().isEmpty() || c.working().get() == m.working())
                && (c.modes().isEmpty() || c.modes().contains(m.mode()))
                && (c.chain().isEmpty() || c.chain().get() == m.chain())
                && (c.loadedAtLeast().isEmpty()
                        || m.loading().ordinal() >= c.loadedAtLeast().get().ordinal())
                && support
                && c.during().stream().allMatch(component -> entered(component, role));
    }

    /** Whether what occurs together with this demand goes beyond the zone's edge; unsaid stands at 0. */
    private boolean entered(Component zone, Role role) {
        boolean said = false;
        for (int i = 0; i < role.demands().size(); i++) {
            if (role.parts().get(i).equals(role.parts().get(at))
                    && role.demands().get(i) instanceof Demand.Movement m
                    && m.motion() == zone.motion()) {
                said = true;
                if (beyond(m.arc(), zone.zone())) {
                    return true;
                }
            }
        }
        return !said && zone.zone().least().value() < 0 && zone.zone().most().value() > 0;
    }

    private static boolean beyond(Arc arc, Arc zone) {
        return arc.most().value() > zone.least().value()
                && arc.least().value() < zone.most().value();
    }

    private Optional<Object> asked(Quantity<?> quantity, Role role) {
        Demand d = role.demands().get(at);
        if (quantity instanceof Quantity.Effort q && d instanceof Demand.TissueLoad t) {
            boolean action = q.actions().isEmpty()
                    || t.action().isEmpty()
                    || q.actions().contains(t.action().get());
            boolean mode = q.modes().isEmpty() || q.modes().contains(t.mode());
            return t.tissue() == q.tissue() && mode && action ? Optional.of(t.effort()) : Optional.empty();
        }
        if (quantity instanceof LimbQuantity.Share q && d instanceof Demand.Bearing b) {
            boolean support = q.support().isEmpty() || q.support().get() == b.support();
            return b.limb() == q.limb() && support ? Optional.of(b.share()) : Optional.empty();
        }
        if (quantity instanceof Quantity.Against q) {
            return inCircumstance(q.circumstance(), role)
                    ? Optional.of(((Demand.Movement) d).loading())
                    : Optional.empty();
        }
        if (quantity instanceof Quantity.EndForce q) {
            return inCircumstance(q.circumstance(), role) ? Optional.of(((Demand.Movement) d).end()) : Optional.empty();
        }
        if (quantity instanceof LimbQuantity.Holding q && d instanceof Demand.Held h) {
            return h.limb() == q.limb() && h.load().unit() == q.unit() ? Optional.of(h.load()) : Optional.empty();
        }
        if (quantity instanceof LimbQuantity.Pressing q && d instanceof Pressed p) {
            return p.joint() == q.joint() ? Optional.of(p.level()) : Optional.empty();
        }
        if (quantity instanceof LimbQuantity.Reach q && d instanceof Demand.Lever l) {
            return l.limb() == q.limb() ? Optional.of(l.length()) : Optional.empty();
        }
        if (quantity instanceof Quantity.HandHeight && d instanceof Reaching h) {
            return Optional.of(h.height());
        }
        if (quantity instanceof LimbQuantity.Straining q && d instanceof Demand.Strain s) {
            return s.kind() == q.kind() && s.limb() == q.limb() ? Optional.of(s.level()) : Optional.empty();
        }
        if (quantity instanceof LimbQuantity.OnKnee && d instanceof Kneeling k) {
            return Optional.of(k.share());
        }
        if (quantity instanceof Quantity.Contacts && d instanceof Demand.Contacts c) {
            return Optional.of(c.count());
        }
        if (quantity instanceof Quantity.Steps && d instanceof RunningSteps steps) {
            return Optional.of(steps.count());
        }
        return Optional.empty();
    }

    /** How much of something a value is, on a scale of its own kind. */
    private static double size(Object value) {
        if (value instanceof BodyShare share) {
            return share.percent();
        }
        if (value instanceof Load load) {
            return load.amount();
        }
        if (value instanceof Count count) {
            return count.number();
        }
        return ((Enum<?>) value).ordinal();
    }

    boolean respected(Role role) {
        if (allowed instanceof Allowed.Free<?>) {
            return true;
        }
        Object bound = allowed instanceof Allowed.Within<?> within ? within.bound() : null;
        if (limit instanceof MotionLimit) {
            Arc asked = ((Demand.Movement) role.demands().get(at)).arc();
            return bound instanceof Arc arc
                    && arc.least().value() <= asked.least().value()
                    && asked.most().value() <= arc.most().value();
        }
        if (limit instanceof CombinedLimit combined) {
            Component first = combined.components().get(0);
            boolean firstEntered = beyond(((Demand.Movement) role.demands().get(at)).arc(), first.zone());
            return !firstEntered
                    || combined.components().stream().skip(1).anyMatch(component -> !entered(component, role));
        }
        if (limit instanceof AmountLimit<?> amount) {
            double asked = size(asked(amount.quantity(), role).orElseThrow());
            boolean leastIsSomething =
                    amount.quantity() instanceof LimbQuantity.Reach || amount.quantity() instanceof Quantity.HandHeight;
            return bound == null ? !leastIsSomething && asked <= 0 : asked <= size(bound);
        }
        return false;
    }

    /** Every way in which the role can be cut to what is allowed; a set-up in place comes before any cut. */
    List<Role> ways(Role role) {
        Optional<String> setUp = limit.head().unless().stream()
                .filter(s -> role.reducible().setUps().contains(s))
                .sorted()
                .findFirst();
        if (setUp.isPresent()) {
            return List.of(role.using(setUp.get()));
        }
        if (at >= said) {
            return List.of();
        }
        Object bound = allowed instanceof Allowed.Within<?> within ? within.bound() : null;
        if (limit instanceof MotionLimit) {
            return bound instanceof Arc arc
                    ? arcWays(role, at, arc.least().value(), arc.most().value())
                    : List.of();
        }
        if (limit instanceof CombinedLimit combined) {
            return combined.components().stream()
                    .flatMap(component -> leaving(component, role).stream())
                    .toList();
        }
        return limit instanceof AmountLimit<?> amount ? lowered(amount.quantity(), bound, role) : List.of();
    }

    private static List<Role> arcWays(Role role, int place, double least, double most) {
        Demand.Movement m = (Demand.Movement) role.demands().get(place);
        double from = Math.max(least, m.arc().least().value());
        double to = Math.min(most, m.arc().most().value());
        boolean enough = role.reducible().span().map(span -> to - from >= span).orElse(false);
        return from <= to && enough ? List.of(role.replacing(place, shortened(m, from, to))) : List.of();
    }

    private static Demand.Movement shortened(Demand.Movement m, double from, double to) {
        Optional<Degrees> needs = m.needs().map(n -> Degrees.of(Math.min(n.value(), to)));
        return new Demand.Movement(
                m.motion(), Arc.between(from, to), needs, m.working(), m.mode(), m.chain(), m.loading(), m.end());
    }

    private List<Role> leaving(Component component, Role role) {
        List<Integer> places = new ArrayList<>();
        for (int i = 0; i < role.demands().size(); i++) {
            if (role.parts().get(i).equals(role.parts().get(at))
                    && role.demands().get(i) instanceof Demand.Movement m
                    && m.motion() == component.motion()
                    && beyond(m.arc(), component.zone())) {
                places.add(i);
            }
        }
        if (places.size() != 1) {
            return List.of();
        }
        List<Role> ways = new ArrayList<>(
                arcWays(role, places.get(0), -180, component.zone().least().value()));
        ways.addAll(arcWays(role, places.get(0), component.zone().most().value(), 180));
        return ways;
    }

    private List<Role> lowered(Quantity<?> quantity, Object bound, Role role) {
        Demand d = role.demands().get(at);
        if (quantity instanceof LimbQuantity.Share q) {
            BodyShare most = bound == null ? BodyShare.ofPercent(0) : (BodyShare) bound;
            return role.reducible().share().filter(least -> least.percent() <= most.percent()).stream()
                    .map(least ->
                            role.replacing(at, new Demand.Bearing(q.limb(), most, ((Demand.Bearing) d).support())))
                    .toList();
        }
        if (quantity instanceof Quantity.Against) {
            Loading most = bound == null ? Loading.NONE : (Loading) bound;
            return role.reducible().loading().filter(least -> least.ordinal() <= most.ordinal()).stream()
                    .map(least -> role.replacing(at, lighter((Demand.Movement) d, most)))
                    .toList();
        }
        if (quantity instanceof Quantity.EndForce) {
            EndRange most = bound == null ? EndRange.SHORT_OF_IT : (EndRange) bound;
            return role.reducible().end().filter(least -> least.ordinal() <= most.ordinal()).stream()
                    .map(least -> role.replacing(at, ((Demand.Movement) d).pressedTo(most)))
                    .toList();
        }
        if (quantity instanceof LimbQuantity.Holding q) {
            Load most = bound == null ? new Load(0, q.unit()) : (Load) bound;
            return role
                    .reducible()
                    .load()
                    .filter(least -> least.unit() == q.unit() && least.amount() <= most.amount())
                    .stream()
                    .map(least -> role.replacing(at, new Demand.Held(q.limb(), most)))
                    .toList();
        }
        if (quantity instanceof Quantity.Contacts) {
            Count most = bound == null ? new Count(0) : (Count) bound;
            return role.reducible().contacts().filter(least -> least.number() <= most.number()).stream()
                    .map(least -> role.replacing(at, new Demand.Contacts(most)))
                    .toList();
        }
        if (quantity instanceof Quantity.Steps) {
            Count most = bound == null ? new Count(0) : (Count) bound;
            Count perMinute = ((RunningSteps) role.demands().get(at)).perMinute();
            return role.reducible().contacts().filter(least -> least.number() <= most.number()).stream()
                    .map(least -> role.replacing(at, new RunningSteps(most, perMinute)))
                    .toList();
        }
        return List.of();
    }

    private static Demand.Movement lighter(Demand.Movement m, Loading most) {
        Mode mode = m.mode() == Mode.RESISTED && most != Loading.ADDED ? Mode.ACTIVE : m.mode();
        return new Demand.Movement(m.motion(), m.arc(), m.needs(), m.working(), mode, m.chain(), most, m.end());
    }
}
