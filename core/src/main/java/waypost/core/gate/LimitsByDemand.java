package waypost.core.gate;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import waypost.core.demand.Demand;
import waypost.core.limit.CombinedLimit;
import waypost.core.limit.Sought;
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
     * @param sought what it can look at at all
     * @param days the days on which what it allows may change
     * @param criteria ids of what its steps need
     */
    record Ranked(InForce<?> limit, int rank, Sought sought, List<CourseDay> days, List<String> criteria) {
        static Ranked of(InForce<?> limit, int rank) {
            return new Ranked(
                    limit,
                    rank,
                    limit.limit().sought(),
                    limit.changes().distinct().toList(),
                    limit.steps().needs().distinct().toList());
        }
    }

    /**
     * On which days what some limits allow may change, and ids of what their steps need: both without doubles, the days in
     * order.
     */
    record Turns(int[] days, String[] criteria) {}

    private final List<Ranked> all;
    /** By the kind of demand, and by what it is asked of. */
    private final Map<Class<?>, Map<Object, List<Ranked>>> found = new ConcurrentHashMap<>();
    /** By the places of the limits: many roles come under the same ones. */
    private final Map<BitSet, Turns> turns = new ConcurrentHashMap<>();

    LimitsByDemand(List<InForce<?>> limits) {
        List<InForce<?>> ordered = new ArrayList<>(limits);
        ordered.sort(ORDER);
        all = IntStream.range(0, ordered.size())
                .mapToObj(rank -> Ranked.of(ordered.get(rank), rank))
                .toList();
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

    /** The turns of every limit that may look at any of these demands. */
    Turns turns(List<Demand> demands) {
        BitSet ranks = new BitSet(all.size());
        for (Demand demand : demands) {
            for (Ranked ranked : lookingAt(demand)) {
                ranks.set(ranked.rank());
            }
        }
        return turns.computeIfAbsent(ranks, this::turns);
    }

    private Turns turns(BitSet ranks) {
        return new Turns(
                ranks.stream()
                        .mapToObj(all::get)
                        .flatMap(ranked -> ranked.days().stream())
                        .mapToInt(CourseDay::number)
                        .sorted()
                        .distinct()
                        .toArray(),
                ranks.stream()
                        .mapToObj(all::get)
                        .flatMap(ranked -> ranked.criteria().stream())
                        .distinct()
                        .toArray(String[]::new));
    }
}
