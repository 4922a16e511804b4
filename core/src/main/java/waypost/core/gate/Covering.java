package waypost.core.gate;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import waypost.core.demand.Demand;
import waypost.core.reason.VerdictKind;

/**
 * Whether something that doing a role asks beside what it says is asked today anyhow, by a role that the protocol speaks of
 * and that is open as it is: whoever may stand on both legs may do so with a band in the hands.
 */
final class Covering {

    private final Asks asks;
    /** By their places in the library. */
    private final List<RoleGate> roles;

    private volatile @Nullable Today last;

    Covering(Asks asks, Collection<RoleGate> roles) {
        this.asks = asks;
        this.roles = List.copyOf(roles);
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
        private final @Nullable Boolean[] found = new Boolean[asks.size()];
        private final @Nullable Verdict[] judged = new Verdict[roles.size()];

        private Today(Facts facts) {
            this.facts = facts;
        }

        /** The verdict on a role of the library, worked out once. */
        Verdict judge(RoleGate gate) {
            int nth = gate.rules().nth();
            Verdict before = judged[nth];
            if (before == null) {
                before = gate.judge(facts, this);
                judged[nth] = before;
            }
            return before;
        }

        /** Those of the demands that nothing open asks as much. */
        List<Demand> uncovered(List<Asks.Ask> asked) {
            List<Demand> uncovered = new ArrayList<>(2);
            for (Asks.Ask ask : asked) {
                if (!covers(ask)) {
                    uncovered.add(ask.demand());
                }
            }
            return uncovered;
        }

        private boolean covers(Asks.Ask ask) {
            if (!ask.isCounted()) {
                return isAsked(ask);
            }
            Boolean before = found[ask.nth()];
            if (before == null) {
                before = isAsked(ask);
                found[ask.nth()] = before;
            }
            return before;
        }

        private boolean isAsked(Asks.Ask ask) {
            for (int role : ask.vouching()) {
                if (judge(roles.get(role)).kind() == VerdictKind.OPEN) {
                    return true;
                }
            }
            return false;
        }
    }
}
