package waypost.core.gate;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import waypost.core.demand.Demand;
import waypost.core.resolved.InForce;

/** The limits in force, sorted once for a whole library by the kind of demand that they look at. */
final class LimitsByDemand {

    private final Map<Class<?>, List<InForce<?>>> byKind = new HashMap<>();

    LimitsByDemand(List<InForce<?>> limits) {
        for (Class<?> kind : Demand.class.getPermittedSubclasses()) {
            byKind.put(kind, ofKind(kind, limits));
        }
    }

    private static List<InForce<?>> ofKind(Class<?> kind, List<InForce<?>> limits) {
        return limits.stream()
                .<InForce<?>>map(limit -> limit)
                .filter(limit -> limit.limit().demandType().isAssignableFrom(kind))
                .toList();
    }

    /** Those that may look at this demand; most limits never do. */
    List<InForce<?>> lookingAt(Demand demand) {
        return byKind.getOrDefault(demand.getClass(), List.of());
    }
}
