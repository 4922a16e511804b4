package waypost.core.gate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import waypost.core.exercise.Role;
import waypost.core.reason.Reason;
import waypost.core.resolved.InForce;

/** A role under every limit that looks at what it asks, said or worked out; only what is said can be cut down. */
final class UnderLimits {

    private final Role role;
    private final Role whole;
    private final LimitsByDemand limits;
    private final List<Check<?>> checks;

    UnderLimits(Role role, LimitsByDemand limits) {
        this.role = role;
        this.whole = role.whole();
        this.limits = limits;
        this.checks = Check.all(limits, whole);
    }

    /** All that the role asks. */
    Role whole() {
        return whole;
    }

    /** Adds what the limits object; gives the role cut down to what they allow, or as it is if that can't be. */
    Role cut(Facts facts, List<Reason> reasons) {
        List<Check<?>> broken = new ArrayList<>(2);
        for (Check<?> check : checks) {
            if (!check.respectedBy(whole, facts)) {
                broken.add(check);
            }
        }
        if (broken.isEmpty()) {
            return role;
        }
        boolean[] alone = new boolean[broken.size()];
        boolean eachAlone = true;
        for (int i = 0; i < alone.length; i++) {
            alone[i] = !ways(broken.get(i), whole, facts).isEmpty();
            eachAlone &= alone[i];
        }
        Optional<Role> together = eachAlone ? reduced(whole, broken, facts) : Optional.empty();
        for (int i = 0; i < alone.length; i++) {
            boolean reducible = eachAlone ? together.isPresent() : alone[i];
            reasons.add(broken.get(i).objection(whole, facts, reducible));
        }
        return together.map(role::onlySaid).orElse(role);
    }

    /** Every way to cut under one limit; what the body asks can't be dialled down, but may be done in a set-up. */
    private List<Role> ways(Check<?> check, Role now, Facts facts) {
        boolean said = check.at() < role.demands().size();
        return said || check.setUp().isPresent() ? check.reductions(now, facts) : List.of();
    }

    /** The role cut down under one limit after the other, the first way that passes the gate; empty when there is none. */
    private Optional<Role> reduced(Role now, List<Check<?>> left, Facts facts) {
        if (left.isEmpty()) {
            return allRespected(now, facts) ? Optional.of(now) : Optional.empty();
        }
        List<Check<?>> others = left.subList(1, left.size());
        if (left.get(0).respectedBy(now, facts)) {
            return reduced(now, others, facts);
        }
        for (Role less : ways(left.get(0), now, facts)) {
            Optional<Role> found = reduced(less, others, facts);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /** The reduced form is judged again against every limit: a cut for one rule may not break another. */
    private boolean allRespected(Role reduced, Facts facts) {
        for (int at = 0; at < reduced.demands().size(); at++) {
            for (LimitsByDemand.Ranked ranked :
                    limits.lookingAt(reduced.demands().get(at))) {
                InForce<?> limit = ranked.limit();
                if (limit.limit().concerns(reduced, at) && !limit.respected(reduced, at, facts.day(), facts.met())) {
                    return false;
                }
            }
        }
        return true;
    }
}
