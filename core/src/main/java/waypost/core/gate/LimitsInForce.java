package waypost.core.gate;

import java.util.BitSet;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import waypost.core.resolved.InForce;
import waypost.core.time.CourseDay;

/** The limits of one course on its days, each in the place that {@link LimitsByDemand} gives it. */
final class LimitsInForce {

    /**
     * On which days what some limits allow may change, and ids of what their steps need: both without doubles, the days in
     * order.
     */
    record Turns(int[] days, String[] criteria) {}

    private final List<InForce<?>> ordered;
    private final List<Turns> each;
    /** By the places of the limits: many roles come under the same ones. */
    private final Map<BitSet, Turns> turns = new ConcurrentHashMap<>();

    /**
     * @param ordered as {@link LimitsByDemand#ordered} gives them
     */
    LimitsInForce(List<InForce<?>> ordered) {
        this.ordered = List.copyOf(ordered);
        this.each = ordered.stream().map(LimitsInForce::turns).toList();
    }

    /** The limit at a place. */
    InForce<?> at(int rank) {
        return ordered.get(rank);
    }

    private static Turns turns(InForce<?> limit) {
        return new Turns(
                limit.changes().mapToInt(CourseDay::number).toArray(),
                limit.steps().needs().toArray(String[]::new));
    }

    /** The turns of the limits at these places. */
    Turns turns(BitSet ranks) {
        return turns.computeIfAbsent(ranks, this::together);
    }

    private Turns together(BitSet ranks) {
        SortedSet<Integer> days = new TreeSet<>();
        Set<String> criteria = new LinkedHashSet<>();
        for (int rank = ranks.nextSetBit(0); rank >= 0; rank = ranks.nextSetBit(rank + 1)) {
            for (int day : each.get(rank).days()) {
                days.add(day);
            }
            Collections.addAll(criteria, each.get(rank).criteria());
        }
        return new Turns(days.stream().mapToInt(day -> day).toArray(), criteria.toArray(String[]::new));
    }
}
