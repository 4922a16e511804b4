package waypost.core.gate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import waypost.core.exercise.Role;
import waypost.core.limit.Allowed;
import waypost.core.limit.CombinedLimit;
import waypost.core.reason.Reason;
import waypost.core.resolved.InForce;
import waypost.core.time.Steps;

/** A limit and the place of the demand that it looks at. */
record Check<T>(InForce<T> limit, int at) {

    /**
     * Simple limits first, then combinations, which may leave a zone in more than one way; within them by rule, so that
     * the order in which rules were written or resolved never matters.
     */
    private static final Comparator<Check<?>> ORDER = Comparator.<Check<?>, Boolean>comparing(
                    check -> check.limit.limit() instanceof CombinedLimit)
            .thenComparing(check -> check.limit.limit().head().id())
            .thenComparing(check -> check.limit.from().authority().toString())
            .thenComparing(check -> check.at);

    /** Everything in force that looks at a role. */
    static List<Check<?>> all(List<InForce<?>> limits, Role role) {
        List<Check<?>> checks = new ArrayList<>();
        for (InForce<?> limit : limits) {
            for (int at = 0; at < role.demands().size(); at++) {
                if (limit.limit().concerns(role, at) && !limit.limit().excepts(role)) {
                    checks.add(new Check<>(limit, at));
                }
            }
        }
        checks.sort(ORDER);
        return checks;
    }

    boolean respectedBy(Role role, Facts facts) {
        return limit.respected(role, at, facts.day(), facts.met());
    }

    /** The role done in a set-up that the limit excepts, that being the written exception; else every way to cut it. */
    List<Role> reductions(Role role, Facts facts) {
        return setUpFor(role)
                .map(setUp -> List.of(role.using(setUp)))
                .orElseGet(() -> limit.reductions(role, at, facts.day(), facts.met()));
    }

    private Optional<String> setUpFor(Role role) {
        return limit.limit().head().unless().stream()
                .filter(role.reducible().setUps()::contains)
                .sorted()
                .findFirst();
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
                setUpFor(role));
    }
}
