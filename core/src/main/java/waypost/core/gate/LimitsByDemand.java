package waypost.core.gate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import waypost.core.demand.Demand;
import waypost.core.limit.CombinedLimit;
import waypost.core.resolved.InForce;

/** The limits in force, sorted once for a whole library by the kind of demand that they look at. */
final class LimitsByDemand {

    /**
     * Simple limits first, then combinations, which may leave a zone in more than one way; within them by rule, so that
     * the order in which rules were written or resolved never matters.
     */
    private static final Comparator<InForce<?>> ORDER = Comparator.<InForce<?>, Boolean>comparing(
                    limit -> limit.limit() instanceof CombinedLimit)
            .thenComparing(limit -> limit.limit().head().id())
            .thenComparing(limit -> limit.from().authority().toString());

    /** A limit and its place in the order of all. */
    record Ranked(InForce<?> limit, int rank) {}

    private final Map<Class<?>, List<Ranked>> byKind = new HashMap<>();

    LimitsByDemand(List<InForce<?>> limits) {
        List<InForce<?>> ordered = new ArrayList<>(limits);
        ordered.sort(ORDER);
        for (Class<?> kind : Demand.class.getPermittedSubclasses()) {
            byKind.put(kind, ofKind(kind, ordered));
        }
    }

    private static List<Ranked> ofKind(Class<?> kind, List<InForce<?>> ordered) {
        List<Ranked> found = new ArrayList<>();
        for (int rank = 0; rank < ordered.size(); rank++) {
            if (ordered.get(rank).limit().demandType().isAssignableFrom(kind)) {
                found.add(new Ranked(ordered.get(rank), rank));
            }
        }
        return List.copyOf(found);
    }

    /** Those that may look at this demand, in order; most limits never do. */
    List<Ranked> lookingAt(Demand demand) {
        return byKind.getOrDefault(demand.getClass(), List.of());
    }
}
