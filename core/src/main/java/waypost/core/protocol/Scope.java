package waypost.core.protocol;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import waypost.core.body.Region;
import waypost.core.question.Condition;
import waypost.core.time.Moment;

/**
 * What a protocol is about.
 *
 * @param besides what some answers add to the region: donor sites, second repairs, the strained muscle
 * @param clocks further clocks that its rules may count on
 * @param ladders ids of the ladders that it covers; every rung of them needs an opening, or is named as left out
 * @param leftOut roles on covered ladders that are deliberately not covered
 * @param ends the moment at which the course is over by itself: a course before surgery on the day of it
 */
public record Scope(
        Region region,
        List<Besides> besides,
        List<String> clocks,
        List<String> ladders,
        Set<String> leftOut,
        Optional<Moment> ends) {

    /** What belongs to the region under a condition. */
    public record Besides(Condition when, Region region) {}

    public Scope {
        besides = List.copyOf(besides);
        clocks = List.copyOf(clocks);
        ladders = List.copyOf(ladders);
        leftOut = Set.copyOf(leftOut);
    }
}
