package waypost.core.protocol;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
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

    /** This with what parts add to the region and to the clocks. */
    public Scope with(List<Besides> more, List<String> allClocks) {
        return new Scope(
                region, Stream.concat(besides.stream(), more.stream()).toList(), allClocks, ladders, leftOut, ends);
    }

    public Scope {
        besides = List.copyOf(besides);
        clocks = List.copyOf(clocks);
        ladders = List.copyOf(ladders);
        leftOut = Set.copyOf(leftOut);
    }
}
