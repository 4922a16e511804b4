package waypost.core.followup;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import waypost.core.body.Direction;
import waypost.core.body.Motion;
import waypost.core.course.Standing;
import waypost.core.demand.Demand;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.milestone.Milestone;

/**
 * A range that lacks something to what a milestone asks, with what the patient can do alone to hold what treatment gains.
 *
 * @param latest the reading that fell short, however old
 * @param goal what is asked, in the measure's unit
 * @param holds mobility exercises that are open today and move the joint toward that end, the easiest first
 */
public record LimitedRange(Measure measure, Reading latest, Amount goal, List<RoleKey> holds) {

    public LimitedRange {
        holds = List.copyOf(holds);
    }

    /** Every range that fell short, what lacks most first; each measure once, against what asks most of it. */
    public static List<LimitedRange> of(Standing standing) {
        Map<String, LimitedRange> byMeasure = new LinkedHashMap<>();
        standing.milestones().stream()
                .flatMap(Milestone::single)
                .flatMap(milestone -> of(standing, milestone))
                .sorted(Comparator.comparingDouble(LimitedRange::lacks).reversed())
                .forEach(limited -> byMeasure.putIfAbsent(limited.measure().id(), limited));
        return List.copyOf(byMeasure.values());
    }

    private static Stream<LimitedRange> of(Standing standing, Milestone milestone) {
        if (!milestone.fellShort() || milestone.goal().isEmpty()) {
            return Stream.empty();
        }
        return milestone
                .criterion()
                .measures()
                .filter(measure -> measure.motion().isPresent() && measure.end().isPresent())
                .flatMap(measure -> milestone.evidence().stream()
                        .filter(reading -> reading.measure().equals(measure.id())
                                && reading.side() == standing.facts().side())
                        .limit(1)
                        .map(latest -> new LimitedRange(
                                measure, latest, milestone.goal().get(), holding(standing, measure))))
                .filter(limited -> limited.lacks() > 0);
    }

    /** How much is missing, in the measure's unit. */
    public double lacks() {
        return measure.gain(latest.amount(), goal);
    }

    private static List<RoleKey> holding(Standing standing, Measure measure) {
        return standing.course().activities().stream()
                .filter(activity ->
                        activity instanceof Activity.Exercise exercise && exercise.purpose() == Purpose.MOBILITY)
                .flatMap(activity -> activity.roles().stream())
                .filter(role -> moves(
                                role,
                                measure.motion().orElseThrow(),
                                measure.end().orElseThrow())
                        && standing.verdict(role.key()).kind().isOpen())
                .map(Role::key)
                .toList();
    }

    private static boolean moves(Role role, Motion motion, Direction end) {
        return role.demands().stream()
                .flatMap(demand -> demand instanceof Demand.Movement movement ? Stream.of(movement) : Stream.empty())
                .anyMatch(movement -> movement.motion() == motion && movement.working() == end);
    }
}
