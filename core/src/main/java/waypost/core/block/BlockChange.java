package waypost.core.block;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import waypost.core.course.Course;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;

/** What a block changes against the one before it, exercise by exercise. */
public sealed interface BlockChange {

    /** The exercise that it is said of: of the new block, or of the old one where it is left out. */
    RoleKey role();

    /** In both. */
    record Stays(RoleKey role) implements BlockChange {}

    /**
     * A harder rung of the same ladder.
     *
     * @param steps the rungs climbed, each naming what it asks more of
     */
    record Harder(RoleKey role, RoleKey before, List<Activity.Exercise> steps) implements BlockChange {
        public Harder {
            steps = List.copyOf(steps);
        }
    }

    /** An easier rung, or another part on the same rung. */
    record Easier(RoleKey role, RoleKey before) implements BlockChange {}

    /** Nothing of its ladder was there before. */
    record New(RoleKey role) implements BlockChange {}

    /** Nothing of its ladder is there any more. */
    record LeftOut(RoleKey role) implements BlockChange {}

    /** The changes in the order of the new block, then what is left out. */
    static List<BlockChange> between(Course course, List<RoleKey> before, List<RoleKey> after) {
        List<RoleKey> left = new ArrayList<>(before);
        left.removeAll(after);
        List<BlockChange> changes = new ArrayList<>();
        for (RoleKey role : after) {
            Optional<RoleKey> from = before.contains(role) ? Optional.of(role) : nearest(course, role, left);
            from.ifPresent(left::remove);
            changes.add(from.map(old -> changed(course, old, role)).orElse(new New(role)));
        }
        left.forEach(role -> changes.add(new LeftOut(role)));
        return changes;
    }

    private static BlockChange changed(Course course, RoleKey old, RoleKey role) {
        if (old.equals(role)) {
            return new Stays(role);
        }
        int from = exercise(course, old).rung();
        Activity.Exercise to = exercise(course, role);
        List<Activity.Exercise> steps = course.ladder(to.ladder()).stream()
                .filter(rung -> rung.rung() > from && rung.rung() <= to.rung())
                .toList();
        return steps.isEmpty() ? new Easier(role, old) : new Harder(role, old, steps);
    }

    /** Of what is left of the same ladder the rung that lies nearest; the same part of the limb first. */
    private static Optional<RoleKey> nearest(Course course, RoleKey role, List<RoleKey> left) {
        Activity.Exercise to = exercise(course, role);
        return left.stream()
                .filter(old -> exercise(course, old).ladder().equals(to.ladder()))
                .min(Comparator.comparing((RoleKey old) -> !old.role().equals(role.role()))
                        .thenComparing(old -> Math.abs(exercise(course, old).rung() - to.rung())));
    }

    private static Activity.Exercise exercise(Course course, RoleKey role) {
        return course.exercise(role.activity());
    }
}
