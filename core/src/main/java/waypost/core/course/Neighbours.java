package waypost.core.course;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;

/** What lies beside a rung on its ladder, on one day. */
public record Neighbours(Standing standing) {

    /** For a closed role the nearest easier rung that is open for the limb's same part: never a harder one. */
    public Optional<RoleKey> nearestOpen(RoleKey closed) {
        return nearestOpen(closed, role -> true);
    }

    /** The same among the roles that are wanted. */
    public Optional<RoleKey> nearestOpen(RoleKey closed, Predicate<Role> wanted) {
        return standing.course().findExercise(closed.activity()).flatMap(exercise -> {
            Set<RoleKey> off = Set.copyOf(standing.switchedOff());
            return standing.course().ladder(exercise.ladder()).stream()
                    .filter(other -> other.rung() < exercise.rung())
                    .sorted(Comparator.comparing(Activity.Exercise::rung).reversed())
                    .flatMap(other -> sameRole(other, closed).stream())
                    .filter(role -> !off.contains(role)
                            && isOpen(role)
                            && wanted.test(standing.course().role(role)))
                    .findFirst();
        });
    }

    /** The next harder rung on the ladder, open or not; empty on the last rung. */
    public Optional<RoleKey> next(RoleKey role) {
        return beside(role, 1);
    }

    /** The easier rung before, open or not; empty on the first rung. */
    public Optional<RoleKey> before(RoleKey role) {
        return beside(role, -1);
    }

    private Optional<RoleKey> beside(RoleKey role, int direction) {
        return standing.course().findExercise(role.activity()).flatMap(exercise -> {
            List<Activity.Exercise> ladder = standing.course().ladder(exercise.ladder());
            int at = ladder.indexOf(exercise) + direction;
            return at < 0 || at >= ladder.size() ? Optional.empty() : sameRole(ladder.get(at), role);
        });
    }

    /** The same part of the limb on another rung; a rung with one part alone has no other. */
    private static Optional<RoleKey> sameRole(Activity.Exercise exercise, RoleKey like) {
        List<RoleKey> roles = exercise.roles().stream().map(Role::key).toList();
        return roles.size() == 1
                ? Optional.of(roles.get(0))
                : roles.stream().filter(key -> key.role().equals(like.role())).findFirst();
    }

    private boolean isOpen(RoleKey role) {
        return standing.verdicts().stream()
                .anyMatch(
                        verdict -> verdict.role().equals(role) && verdict.kind().isOpen());
    }
}
