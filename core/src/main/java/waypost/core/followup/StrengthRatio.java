package waypost.core.followup;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import waypost.core.course.Standing;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.Ladder;
import waypost.core.exercise.RoleKey;
import waypost.core.measure.Measure;
import waypost.core.milestone.Milestone;
import waypost.core.milestone.MilestoneState;

/**
 * Two strengths of the operated side against each other, as a milestone asks for it.
 *
 * @param percent of the first against the second
 * @param accessories what works at the weaker of the two and is open today; none where the ratio is as asked
 */
public record StrengthRatio(
        Criterion.RatioBetween asked, double percent, Optional<Measure> weaker, List<RoleKey> accessories) {

    private static final Set<MilestoneState> FRESH = Set.of(MilestoneState.MET, MilestoneState.NOT_MET);

    public StrengthRatio {
        accessories = List.copyOf(accessories);
    }

    /**
     * Every ratio that a milestone of the protocol asks for and that was measured lately.
     *
     * @param ladders with the measures that each strengthens
     * @param planned what stands in the plan
     */
    public static List<StrengthRatio> of(Standing standing, List<Ladder> ladders, Set<RoleKey> planned) {
        Accessories accessories = new Accessories(standing, ladders, planned);
        return standing.milestones().stream()
                .flatMap(Milestone::single)
                .flatMap(milestone -> of(milestone, accessories).stream())
                .toList();
    }

    private static Optional<StrengthRatio> of(Milestone milestone, Accessories accessories) {
        return milestone.criterion() instanceof Criterion.RatioBetween asked && FRESH.contains(milestone.state())
                ? milestone.found().map(percent -> of(percent.value(), asked, accessories))
                : Optional.empty();
    }

    private static StrengthRatio of(double percent, Criterion.RatioBetween asked, Accessories accessories) {
        Optional<Measure> weaker = percent < asked.least()
                ? Optional.of(asked.measure())
                : percent > asked.most() ? Optional.of(asked.divisor()) : Optional.empty();
        return new StrengthRatio(
                asked, percent, weaker, weaker.map(accessories::of).orElse(List.of()));
    }
}
