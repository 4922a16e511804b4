package waypost.core.gate;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import waypost.core.body.Region;
import waypost.core.demand.Demand;

/** What the roles of a library ask of a region that something open has to ask as well, whatever the dates. */
final class Asks {

    private static final int UNCOUNTED = -1;

    private final Region region;
    private final List<RoleRules> roles = new ArrayList<>();
    private final Map<Demand, Ask> counted = new LinkedHashMap<>();

    Asks(Region region) {
        this.region = region;
    }

    /** Something that is asked, the same for all who ask it. */
    final class Ask {

        private final Demand demand;
        private final int nth;
        private volatile int @Nullable [] vouching;

        private Ask(Demand demand, int nth) {
            this.demand = demand;
            this.nth = nth;
        }

        Demand demand() {
            return demand;
        }

        /** Whether a role of the library asks it, so that it may be kept by its place whether something open asks it. */
        boolean isCounted() {
            return nth != UNCOUNTED;
        }

        /** Its place among what the library asks. */
        int nth() {
            return nth;
        }

        /** The places of the roles that ask as much. */
        int[] vouching() {
            int[] found = vouching;
            if (found == null) {
                found = IntStream.range(0, roles.size())
                        .filter(role -> roles.get(role).vouchesFor(demand))
                        .toArray();
                vouching = found;
            }
            return found;
        }
    }

    /** Counts a role of the library in; all are before anything is judged. */
    void add(RoleRules role) {
        roles.add(role);
    }

    /** How many things the library asks. */
    int size() {
        return counted.size();
    }

    /** What of these a role of the library asks of the region, other than being held so. */
    List<Ask> count(List<Demand> demands) {
        return asked(demands, demand -> counted.computeIfAbsent(demand, fresh -> new Ask(fresh, counted.size())));
    }

    /** The same of what no library says, and is asked about once. */
    List<Ask> of(List<Demand> demands) {
        return asked(demands, demand -> {
            Ask known = counted.get(demand);
            return known == null ? new Ask(demand, UNCOUNTED) : known;
        });
    }

    private List<Ask> asked(List<Demand> demands, Function<Demand, Ask> as) {
        List<Ask> asked = new ArrayList<>(2);
        for (Demand demand : demands) {
            if (isAsked(demand)) {
                asked.add(as.apply(demand));
            }
        }
        return asked;
    }

    private boolean isAsked(Demand demand) {
        return demand.concerns(region) && !demand.isCarried();
    }
}
