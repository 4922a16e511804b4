package waypost.core.progression;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.own.OwnExercise;

/**
 * A first plan where none was written: of every ladder that the protocol speaks of the middle one of its open rungs, since
 * without a record nobody knows better; at most eight, what treats the operated region first. What a clinic made itself
 * is put in by hand.
 */
public record Plan(Standing standing) {

    public static final int MOST = 8;

    /** The first plan on the day of a standing. */
    public static List<RoleKey> firstOn(Standing standing) {
        return new Plan(standing).first();
    }

    /** The roles in the order in which they are done. */
    public List<RoleKey> first() {
        Set<RoleKey> off = Set.copyOf(standing.switchedOff());
        Map<String, RoleKey> byLadder = new LinkedHashMap<>();
        for (Activity activity : standing.course().activities()) {
            if (activity instanceof Activity.Exercise exercise
                    && standing.course().speaksOf(activity)
                    && !OwnExercise.isOwn(activity.id())
                    && !byLadder.containsKey(exercise.ladder())) {
                middleOpen(exercise.ladder(), off).ifPresent(role -> byLadder.put(exercise.ladder(), role));
            }
        }
        List<RoleKey> roles = new ArrayList<>(byLadder.values());
        roles.sort(Comparator.comparing((RoleKey role) -> !treats(role)).thenComparing(role -> purpose(role)));
        return roles.size() > MOST ? roles.subList(0, MOST) : roles;
    }

    private Optional<RoleKey> middleOpen(String ladder, Set<RoleKey> off) {
        List<RoleKey> open = standing.course().ladder(ladder).stream()
                .flatMap(exercise -> exercise.roles().stream())
                .map(Role::key)
                .filter(role ->
                        !off.contains(role) && standing.verdict(role).kind().isOpen())
                .toList();
        return open.isEmpty() ? Optional.empty() : Optional.of(open.get((open.size() - 1) / 2));
    }

    private boolean treats(RoleKey key) {
        return standing.course().role(key).demands().stream()
                .anyMatch(demand -> demand.concerns(standing.course().resolved().region()));
    }

    private int purpose(RoleKey key) {
        return standing.course().exercise(key.activity()).purpose().ordinal();
    }
}
