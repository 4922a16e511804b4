package waypost.core.gate;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import waypost.core.demand.Demand;
import waypost.core.exercise.Role;
import waypost.core.reason.Reason;

/**
 * A role under every limit that looks at what it asks, said or worked out, whatever their days; only what is said can be cut
 * down.
 */
final class UnderLimits {

    private final Role role;
    private final Role whole;
    private final LimitsByDemand limits;
    private final List<Check> checks;
    private final BitSet places;

    UnderLimits(Role role, LimitsByDemand limits) {
        this.role = role;
        this.whole = role.whole();
        this.limits = limits;
        this.checks = Check.all(limits, whole);
        this.places = places(whole, limits);
    }

    private static BitSet places(Role whole, LimitsByDemand limits) {
        BitSet places = new BitSet();
        for (Demand demand : whole.demands()) {
            for (LimitsByDemand.Ranked ranked : limits.lookingAt(demand)) {
                places.set(ranked.rank());
            }
        }
        return places;
    }

    /** All that the role asks. */
    Role whole() {
        return whole;
    }

    /**
     * On which days what is said of it may change, for every limit that may look at what it asks, also at a reduced form of
     * it: cutting never changes what is asked of, and may bring another limit into play.
     */
    LimitsInForce.Turns turns(LimitsInForce limits) {
        return limits.turns(places);
    }

    /** Adds what the limits object; gives the role cut down to what they allow, or as it is if that can't be. */
    Role cut(LimitsOnDay today, List<Reason> reasons) {
        List<Check> broken = new ArrayList<>(2);
        for (Check check : checks) {
            if (!check.respectedBy(whole, today)) {
                broken.add(check);
            }
        }
        if (broken.isEmpty()) {
            return role;
        }
        boolean[] alone = new boolean[broken.size()];
        boolean eachAlone = true;
        for (int i = 0; i < alone.length; i++) {
            alone[i] = !ways(broken.get(i), whole, today).isEmpty();
            eachAlone &= alone[i];
        }
        Optional<Role> together = eachAlone ? reduced(whole, broken, today) : Optional.empty();
        for (int i = 0; i < alone.length; i++) {
            boolean reducible = eachAlone ? together.isPresent() : alone[i];
            reasons.add(broken.get(i).objection(whole, today, reducible));
        }
        return together.map(role::onlySaid).orElse(role);
    }

    /** Every way to cut under one limit; what the body asks can't be dialled down, but may be done in a set-up. */
    private List<Role> ways(Check check, Role now, LimitsOnDay today) {
        boolean said = check.at() < role.demands().size();
        return said || check.setUp().isPresent() ? check.reductions(now, today) : List.of();
    }

    /** The role cut down under one limit after the other, the first way that passes the gate; empty when there is none. */
    private Optional<Role> reduced(Role now, List<Check> left, LimitsOnDay today) {
        if (left.isEmpty()) {
            return allRespected(now, today) ? Optional.of(now) : Optional.empty();
        }
        List<Check> others = left.subList(1, left.size());
        if (left.get(0).respectedBy(now, today)) {
            return reduced(now, others, today);
        }
        for (Role less : ways(left.get(0), now, today)) {
            Optional<Role> found = reduced(less, others, today);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /** The reduced form is judged again against every limit: a cut for one rule may not break another. */
    private boolean allRespected(Role reduced, LimitsOnDay today) {
        for (int at = 0; at < reduced.demands().size(); at++) {
            for (LimitsByDemand.Ranked ranked :
                    limits.lookingAt(reduced.demands().get(at))) {
                if (ranked.limit().concerns(reduced, at) && !today.respected(ranked.rank(), reduced, at)) {
                    return false;
                }
            }
        }
        return true;
    }
}
