package waypost.core.gate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import waypost.core.exercise.Role;
import waypost.core.limit.Allowed;
import waypost.core.limit.Limit;
import waypost.core.reason.Reason;
import waypost.core.resolved.InForce;
import waypost.core.time.Steps;

/**
 * A limit and the place of the demand that it looks at.
 *
 * @param rank the limit's place in the order of all
 * @param setUp a set-up that the limit excepts and the role can be done in, being the written exception
 */
record Check<T>(InForce<T> limit, int rank, int at, Optional<String> setUp) {

    private static final Comparator<Check<?>> ORDER =
            Comparator.<Check<?>>comparingInt(Check::rank).thenComparingInt(Check::at);

    /** Everything in force that looks at a role. */
    static List<Check<?>> all(LimitsByDemand limits, Role role) {
        List<Check<?>> checks = new ArrayList<>();
        for (int at = 0; at < role.demands().size(); at++) {
            for (LimitsByDemand.Ranked ranked : limits.lookingAt(role.demands().get(at))) {
                InForce<?> limit = ranked.limit();
                if (limit.limit().concerns(role, at) && !limit.limit().excepts(role)) {
                    checks.add(new Check<>(limit, ranked.rank(), at, setUpFor(limit.limit(), role)));
                }
            }
        }
        if (checks.size() > 1) {
            checks.sort(ORDER);
        }
        return checks;
    }

    boolean respectedBy(Role role, Facts facts) {
        return limit.respected(role, at, facts.day(), facts.met());
    }

    private static Optional<String> setUpFor(Limit<?> limit, Role role) {
        if (limit.head().unless().isEmpty()) {
            return Optional.empty();
        }
        return limit.head().unless().stream()
                .filter(role.reducible().setUps()::contains)
                .sorted()
                .findFirst();
    }

    /** The role done in the set-up that the limit excepts; else every way to cut it. */
    List<Role> reductions(Role role, Facts facts) {
        return setUp.isPresent()
                ? List.of(role.using(setUp.get()))
                : limit.reductions(role, at, facts.day(), facts.met());
    }

    Reason objection(Role role, Facts facts, boolean reducible) {
        Steps.Current<Allowed<T>> step =
                limit.steps().on(facts.day(), facts.met()).orElseThrow();
        return new Reason.Exceeded<>(
                limit.from(),
                limit.limit(),
                role.demands().get(at),
                step.value(),
                step.until(),
                step.orOnceMet(),
                reducible,
                setUp);
    }
}
