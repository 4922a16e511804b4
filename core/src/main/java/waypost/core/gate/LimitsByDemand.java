package waypost.core.gate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import waypost.core.demand.Demand;
import waypost.core.limit.CombinedLimit;
import waypost.core.resolved.InForce;
import waypost.core.time.CourseDay;

/** The limits in force, sorted once for a whole library by what they look at. */
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
     * @param days the days on which what it allows may change
     * @param criteria ids of what its steps need
     */
    record Ranked(InForce<?> limit, int rank, List<CourseDay> days, List<String> criteria) {
        static Ranked of(InForce<?> limit, int rank) {
            return new Ranked(
                    limit,
                    rank,
                    limit.changes().distinct().toList(),
                    limit.steps().needs().distinct().toList());
        }
    }

    /** A kind of demand, and what it is asked of. */
    private record Asked(Class<?> kind, Object of) {}

    private final List<Ranked> all;
    private final Map<Asked, List<Ranked>> found = new ConcurrentHashMap<>();

    LimitsByDemand(List<InForce<?>> limits) {
        List<InForce<?>> ordered = new ArrayList<>(limits);
        ordered.sort(ORDER);
        all = IntStream.range(0, ordered.size())
                .mapToObj(rank -> Ranked.of(ordered.get(rank), rank))
                .toList();
    }

    /** Those that may look at this demand, in order; most limits never do. */
    List<Ranked> lookingAt(Demand demand) {
        return found.computeIfAbsent(
                new Asked(demand.getClass(), demand.of()),
                asked -> all.stream()
                        .filter(ranked -> ranked.limit().limit().sought().fits(demand))
                        .toList());
    }
}
