package waypost.core.followup;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Ladder;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.measure.Measure;

/**
 * What works at a strength on a day: of each ladder that strengthens it the planned exercise, else the easiest open one that
 * is for strength.
 *
 * @param ladders with the measures that each strengthens
 * @param planned what stands in the plan
 */
record Accessories(Standing standing, List<Ladder> ladders, Set<RoleKey> planned) {

    /** Whether any ladder works at it. */
    boolean has(Measure measure) {
        return ladders.stream().anyMatch(ladder -> ladder.strengthens().contains(measure.id()));
    }

    List<RoleKey> of(Measure measure) {
        Set<RoleKey> off = Set.copyOf(standing.switchedOff());
        return ladders.stream()
                .filter(ladder -> ladder.strengthens().contains(measure.id()))
                .flatMap(ladder -> of(ladder, off).stream())
                .toList();
    }

    private Optional<RoleKey> of(Ladder ladder, Set<RoleKey> off) {
        List<RoleKey> open = standing.course().ladder(ladder.id()).stream()
                .filter(exercise -> exercise.purpose() == Purpose.STRENGTH)
                .flatMap(exercise -> roles(exercise, off))
                .toList();
        return open.stream()
                .filter(planned::contains)
                .findFirst()
                .or(() -> open.stream().findFirst());
    }

    private Stream<RoleKey> roles(Activity.Exercise exercise, Set<RoleKey> off) {
        return exercise.roles().stream()
                .map(Role::key)
                .filter(key -> standing.verdict(key).kind().isOpen() && !off.contains(key));
    }
}
