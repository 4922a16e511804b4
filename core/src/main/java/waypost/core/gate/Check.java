package waypost.core.gate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import waypost.core.exercise.Role;
import waypost.core.limit.Limit;
import waypost.core.reason.Reason;

/**
 * A limit and the place of the demand that it looks at.
 *
 * @param rank the limit's place in the order of all
 * @param setUp a set-up that the limit excepts and the role can be done in, being the written exception
 */
record Check(int rank, int at, Optional<String> setUp) {

    private static final Comparator<Check> ORDER =
            Comparator.comparingInt(Check::rank).thenComparingInt(Check::at);

    /** Every limit that looks at a role. */
    static List<Check> all(LimitsByDemand limits, Role role) {
        List<Check> checks = new ArrayList<>();
        for (int at = 0; at < role.demands().size(); at++) {
            for (LimitsByDemand.Ranked ranked : limits.lookingAt(role.demands().get(at))) {
                Limit<?> limit = ranked.limit();
                if (limit.concerns(role, at) && !limit.excepts(role)) {
                    checks.add(new Check(ranked.rank(), at, setUpFor(limit, role)));
                }
            }
        }
        if (checks.size() > 1) {
            checks.sort(ORDER);
        }
        return List.copyOf(checks);
    }

    boolean respectedBy(Role role, LimitsOnDay today) {
        return today.respected(rank, role, at);
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
    List<Role> reductions(Role role, LimitsOnDay today) {
        return setUp.isPresent() ? List.of(role.using(setUp.get())) : today.reductions(rank, role, at);
    }

    Reason objection(Role role, LimitsOnDay today, boolean reducible) {
        return today.objection(this, role, reducible);
    }
}
