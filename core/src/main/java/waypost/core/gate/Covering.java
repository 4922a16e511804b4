package waypost.core.gate;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import org.jspecify.annotations.Nullable;
import waypost.core.body.Region;
import waypost.core.demand.Demand;
import waypost.core.reason.VerdictKind;

/**
 * Whether something that doing a role asks beside what it says is asked today anyhow, by a role that the protocol speaks of
 * and that is open as it is: whoever may stand on both legs may do so with a band in the hands.
 */
final class Covering {

    private final List<RoleGate> roles = new ArrayList<>();
    private final Map<Demand, Ask> asks = new ConcurrentHashMap<>();
    private final AtomicInteger count = new AtomicInteger();
    private volatile @Nullable Today last;

    /** Something that is asked besides, the same for all who ask it. */
    final class Ask {

        private final Demand demand;
        private final int nth;
        private volatile @Nullable List<RoleGate> vouching;

        private Ask(Demand demand) {
            this.demand = demand;
            this.nth = count.getAndIncrement();
        }

        Demand demand() {
            return demand;
        }

        private List<RoleGate> vouching() {
            List<RoleGate> found = vouching;
            if (found == null) {
                List<RoleGate> those = new ArrayList<>();
                for (RoleGate role : roles) {
                    if (role.vouchesFor(demand)) {
                        those.add(role);
                    }
                }
                found = List.copyOf(those);
                vouching = found;
            }
            return found;
        }
    }

    /** Counts a role of the library in; all are before anything is judged. */
    void add(RoleGate role) {
        roles.add(role);
    }

    /** How many roles are counted in. */
    int size() {
        return roles.size();
    }

    /** What of these asks something of the region, other than being held so. */
    List<Ask> asksOf(Region region, List<Demand> demands) {
        List<Ask> asked = new ArrayList<>(2);
        for (Demand demand : demands) {
            if (demand.concerns(region) && !demand.isCarried()) {
                asked.add(asks.computeIfAbsent(demand, Ask::new));
            }
        }
        return asked;
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

    /** What is covered under some facts. Two threads at worst work the same out twice. */
    final class Today {

        private final Facts facts;
        private final @Nullable Boolean[] found = new Boolean[count.get()];
        private final @Nullable Verdict[] judged = new Verdict[roles.size()];

        private Today(Facts facts) {
            this.facts = facts;
        }

        /** The verdict on a role of the library, worked out once. */
        Verdict judge(RoleGate gate) {
            Verdict before = judged[gate.nth()];
            if (before == null) {
                before = gate.judge(facts, this);
                judged[gate.nth()] = before;
            }
            return before;
        }

        /** Those of the demands that nothing open asks as much. */
        List<Demand> uncovered(List<Ask> asked) {
            List<Demand> uncovered = new ArrayList<>(2);
            for (Ask ask : asked) {
                if (!covers(ask)) {
                    uncovered.add(ask.demand());
                }
            }
            return uncovered;
        }

        private boolean covers(Ask ask) {
            if (ask.nth >= found.length) {
                return isAsked(ask);
            }
            Boolean before = found[ask.nth];
            if (before == null) {
                before = isAsked(ask);
                found[ask.nth] = before;
            }
            return before;
        }

        private boolean isAsked(Ask ask) {
            for (RoleGate gate : ask.vouching()) {
                if (judge(gate).kind() == VerdictKind.OPEN) {
                    return true;
                }
            }
            return false;
        }
    }
}
