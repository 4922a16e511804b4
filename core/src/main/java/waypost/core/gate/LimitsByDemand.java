package waypost.core.gate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import waypost.core.demand.Demand;
import waypost.core.limit.CombinedLimit;
import waypost.core.limit.Limit;
import waypost.core.limit.Sought;
import waypost.core.resolved.InForce;

/** Limits whatever their days, sorted once for a whole library by what they look at. */
final class LimitsByDemand {

    /**
     * Simple limits first, then combinations, which may leave a zone in more than one way; within them by rule, so that
     * the order in which rules were written or resolved never matters.
     */
    private static final Comparator<InForce<?>> ORDER = Comparator.<InForce<?>, Boolean>comparing(
                    limit -> limit.limit() instanceof CombinedLimit)
            .thenComparing(limit -> limit.limit().head().id())
            .thenComparing(limit -> limit.from().authority().toString());

    /**
     * A limit and its place in the order of all.
     *
     * @param sought what it can look at at all
     */
    record Ranked(Limit<?> limit, int rank, Sought sought) {}

    private final List<Ranked> all;
    /** By the kind of demand, and by what it is asked of. */
    private final Map<Class<?>, Map<Object, List<Ranked>>> found = new ConcurrentHashMap<>();

    /**
     * @param ordered the limits of a course, {@link #ordered}
     */
    LimitsByDemand(List<InForce<?>> ordered) {
        all = IntStream.range(0, ordered.size())
                .mapToObj(rank -> {
                    Limit<?> limit = ordered.get(rank).limit();
                    return new Ranked(limit, rank, limit.sought());
                })
                .toList();
    }

    /** Limits in the order in which they are asked. */
    static List<InForce<?>> ordered(List<InForce<?>> limits) {
        List<InForce<?>> ordered = new ArrayList<>(limits);
        ordered.sort(ORDER);
        return List.copyOf(ordered);
    }

    /** Whether these are the same limits in the same places, on whatever days. */
    boolean fit(List<InForce<?>> ordered) {
        if (ordered.size() != all.size()) {
            return false;
        }
        for (int rank = 0; rank < all.size(); rank++) {
            if (!Objects.equals(ordered.get(rank).limit(), all.get(rank).limit())) {
                return false;
            }
        }
        return true;
    }

    /** Those that may look at this demand, in order; most limits never do. */
    List<Ranked> lookingAt(Demand demand) {
        Map<Object, List<Ranked>> ofKind = found.get(demand.getClass());
        if (ofKind == null) {
            ofKind = found.computeIfAbsent(demand.getClass(), kind -> new ConcurrentHashMap<>());
        }
        List<Ranked> looking = ofKind.get(demand.of());
        return looking != null
                ? looking
                : ofKind.computeIfAbsent(
                        demand.of(),
                        of -> all.stream()
                                .filter(ranked -> ranked.sought().fits(demand))
                                .toList());
    }
}
