package waypost.core.gate;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import waypost.core.demand.Demand;
import waypost.core.reason.VerdictKind;

/**
 * Whether something that doing a role asks beside what it says is asked today anyhow, by a role that the protocol speaks of
 * and that is open as it is: whoever may stand on both legs may do so with a band in the hands.
 */
final class Covering {

    private final Collection<RoleGate> roles;
    private final Map<Demand, List<RoleGate>> asking = new ConcurrentHashMap<>();
    private volatile @Nullable Today last;

    Covering(Collection<RoleGate> roles) {
        this.roles = roles;
    }

    /** On the day of these facts; what was found is kept until other facts are asked about. */
    Today on(Facts facts) {
        Today before = last;
        if (before != null && before.facts == facts) {
            return before;
        }
        Today now = new Today(facts);
        last = now;
        return now;
    }

    private List<RoleGate> asking(Demand demand) {
        return asking.computeIfAbsent(
                demand,
                asked -> roles.stream().filter(gate -> gate.vouchesFor(asked)).toList());
    }

    /** What is covered under some facts. */
    final class Today {

        private final Facts facts;
        private final Map<Demand, Boolean> found = new ConcurrentHashMap<>();

        private Today(Facts facts) {
            this.facts = facts;
        }

        /** Those of the demands that nothing open asks as much. */
        List<Demand> uncovered(List<Demand> demands) {
            return demands.stream().filter(demand -> !covers(demand)).toList();
        }

        private boolean covers(Demand demand) {
            Boolean before = found.get(demand);
            if (before == null) {
                before = asking(demand).stream()
                        .anyMatch(gate -> gate.judge(facts, this).kind() == VerdictKind.OPEN);
                found.put(demand, before);
            }
            return before;
        }
    }
}
