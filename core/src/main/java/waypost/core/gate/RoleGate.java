package waypost.core.gate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import waypost.core.body.Arc;
import waypost.core.demand.Demand;
import waypost.core.demand.Demand.Movement;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.protocol.Criterion;
import waypost.core.protocol.Reason;
import waypost.core.resolved.InForce;
import waypost.core.resolved.OpeningInForce;
import waypost.core.resolved.OpeningInForce.Needed;
import waypost.core.resolved.Resolved;

/** Everything in force that looks at one role, gathered once. */
final class RoleGate {

    /** A limit and the place of the demand that it looks at. */
    private record Check(InForce<?> limit, int demand) {}

    private final RoleKey key;
    private final Role role;
    private final Resolved resolved;
    private final RangeNeeded ranges;
    private final boolean asksOfRegion;
    private final List<Check> checks = new ArrayList<>();
    private final @Nullable OpeningInForce opening;

    private RoleGate(RoleKey key, Role role, Resolved resolved, RangeNeeded ranges) {
        this.key = key;
        this.role = role;
        this.resolved = resolved;
        this.ranges = ranges;
        this.opening = resolved.openings().get(key);
        this.asksOfRegion = role.demands().stream()
                .anyMatch(d -> d.concerns(resolved.protocol().region()));
    }

    static RoleGate compile(RoleKey key, Role role, Resolved resolved, RangeNeeded ranges) {
        RoleGate gate = new RoleGate(key, role, resolved, ranges);
        for (InForce<?> limit : resolved.limits()) {
            for (int i = 0; i < role.demands().size(); i++) {
                if (gate.looksAt(limit, role.demands().get(i), role)) {
                    gate.checks.add(new Check(limit, i));
                }
            }
        }
        return gate;
    }

    private boolean looksAt(InForce<?> limit, Demand demand, Role as) {
        return limit.limit().concerns(demand, as)
                && !limit.limit().head().exempt().contains(key.activity());
    }

    Verdict judge(Facts facts) {
        List<Reason> reasons = new ArrayList<>(4);
        if (asksOfRegion) {
            facts.holds().forEach(hold -> reasons.add(new Reason.OnHold(hold)));
            addOpening(facts, reasons);
        }
        List<Demand> allowed = underLimits(facts, reasons);
        List<Demand> possible = withinRange(allowed, facts, reasons);
        boolean cut = !possible.equals(role.demands());
        return Verdict.of(key, reasons, cut ? Optional.of(role.with(possible)) : Optional.empty());
    }

    private void addOpening(Facts facts, List<Reason> reasons) {
        if (opening == null
                || opening.needed().isEmpty()
                || !opening.unanswered().isEmpty()) {
            reasons.add(new Reason.NotCovered(
                    resolved.protocol().face(), opening == null ? List.of() : opening.unanswered()));
            return;
        }
        for (Needed needed : opening.needed()) {
            addNeeded(needed, facts, reasons);
        }
    }

    private void addNeeded(Needed needed, Facts facts, List<Reason> reasons) {
        if (facts.day().isBefore(needed.from())) {
            reasons.add(new Reason.BeforeDay(needed.rule(), needed.from(), needed.written()));
        }
        needed.phase()
                .filter(wanted -> !resolved.protocol().hasReached(facts.phase().id(), wanted.id()))
                .ifPresent(wanted -> reasons.add(new Reason.PhaseNotSigned(needed.rule(), wanted, facts.phase())));
        for (Criterion criterion : needed.milestones()) {
            if (!facts.met().contains(criterion.id())) {
                reasons.add(new Reason.MilestoneNotMet(needed.rule(), criterion));
            }
        }
    }

    /** Adds what the limits object; gives the demands cut down to what they allow, or as they are if that can't be. */
    private List<Demand> underLimits(Facts facts, List<Reason> reasons) {
        List<Check> broken = new ArrayList<>(2);
        for (Check check : checks) {
            if (!check.limit().respected(role.demands().get(check.demand()), facts.day())) {
                broken.add(check);
            }
        }
        if (broken.isEmpty()) {
            return role.demands();
        }
        Optional<List<Demand>> together =
                reducedUnder(broken, facts).filter(demands -> allRespected(role.with(demands), facts));
        boolean eachAlone = broken.stream().allMatch(check -> reducesAlone(check, facts));
        for (Check check : broken) {
            boolean reducible = eachAlone ? together.isPresent() : reducesAlone(check, facts);
            reasons.add(check.limit().objection(role.demands().get(check.demand()), facts.day(), reducible));
        }
        return together.orElse(role.demands());
    }

    private boolean reducesAlone(Check check, Facts facts) {
        return check.limit()
                .reduced(role.demands().get(check.demand()), facts.day(), role.reducible())
                .isPresent();
    }

    /** The demands cut down under one limit after the other; empty when one of them can't be met by cutting. */
    private Optional<List<Demand>> reducedUnder(List<Check> broken, Facts facts) {
        List<Demand> demands = new ArrayList<>(role.demands());
        for (Check check : broken) {
            Demand now = demands.get(check.demand());
            if (check.limit().respected(now, facts.day())) {
                continue;
            }
            Optional<Demand> less = check.limit().reduced(now, facts.day(), role.reducible());
            if (less.isEmpty()) {
                return Optional.empty();
            }
            demands.set(check.demand(), less.get());
        }
        return Optional.of(demands);
    }

    /** The reduced form is judged again against every limit: a cut for one rule may not break another. */
    private boolean allRespected(Role reduced, Facts facts) {
        for (InForce<?> limit : resolved.limits()) {
            for (Demand demand : reduced.demands()) {
                if (looksAt(limit, demand, reduced) && !limit.respected(demand, facts.day())) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Adds what speaks against it for want of range; gives the demands cut down to the range that is there. */
    private List<Demand> withinRange(List<Demand> allowed, Facts facts, List<Reason> reasons) {
        List<Demand> demands = new ArrayList<>(allowed);
        double leastSpan = role.reducible().leastSpan().orElse(Double.POSITIVE_INFINITY);
        for (int i = 0; i < demands.size(); i++) {
            if (demands.get(i) instanceof Movement movement) {
                Optional<Reason> objection = ranges.objection(movement, facts, leastSpan);
                objection.ifPresent(reasons::add);
                if (objection.isPresent() && objection.get() instanceof Reason.RangeShort range && range.reducible()) {
                    Arc there = new Arc(
                            movement.arc().least(),
                            range.found().min(movement.arc().most()));
                    demands.set(i, movement.within(there));
                }
            }
        }
        return demands;
    }
}
