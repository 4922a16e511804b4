package waypost.core.course;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;

/** What lies beside a rung on its ladder, on one day. */
public record Neighbours(Standing standing) {

    /** A role on a rung. */
    private record Place(int rung, RoleKey role) {}

    /** For a closed role the nearest open one on its ladder, the easier of two equally near; another role first. */
    public Optional<RoleKey> nearestOpen(RoleKey closed) {
        return exercise(closed).flatMap(exercise -> {
            Set<RoleKey> off = Set.copyOf(standing.switchedOff());
            return places(exercise.ladder()).stream()
                    .filter(place -> !off.contains(place.role()) && isOpen(place.role()))
                    .min(Comparator.<Place>comparingInt(place -> Math.abs(place.rung() - exercise.rung()))
                            .thenComparingInt(Place::rung))
                    .map(Place::role);
        });
    }

    /** The next harder rung on the ladder, open or not; empty on the last rung. */
    public Optional<RoleKey> next(RoleKey role) {
        return exercise(role)
                .flatMap(exercise -> places(exercise.ladder()).stream()
                        .filter(place -> place.rung() > exercise.rung())
                        .findFirst()
                        .map(Place::role));
    }

    private Optional<Activity.Exercise> exercise(RoleKey role) {
        return standing.course().activities().stream()
                .filter(activity -> activity.id().equals(role.activity()))
                .filter(Activity.Exercise.class::isInstance)
                .map(Activity.Exercise.class::cast)
                .findFirst();
    }

    private List<Place> places(String ladder) {
        return standing.course().ladder(ladder).stream()
                .flatMap(exercise -> exercise.roles().stream().map(role -> new Place(exercise.rung(), role.key())))
                .toList();
    }

    private boolean isOpen(RoleKey role) {
        return standing.verdicts().stream()
                .anyMatch(
                        verdict -> verdict.role().equals(role) && verdict.kind().isOpen());
    }
}
