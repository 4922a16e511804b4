package waypost.core.prescription;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import waypost.core.body.Joint;
import waypost.core.body.Region;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.protocol.Frequency;

/**
 * Exercises that are put into a plan together, each with its dose.
 *
 * @param says when it is used and how it is done
 * @param joints of which it is for; none for any
 * @param items 2 to 20, in the order in which they are done
 */
public record ExerciseSet(String id, String title, String says, Set<Joint> joints, List<Item> items) {

    public static final int LEAST = 2;
    public static final int MOST = 20;

    /**
     * One exercise of a set. Nothing is said of the load: everybody begins with the lightest.
     *
     * @param often empty for the library's
     */
    public record Item(RoleKey role, int sets, SetAim aim, Optional<Frequency> often) {

        /** As it is prescribed to somebody: this dose on the lightest load, going on by the exercise's own rule. */
        public Prescription prescription(Activity.Exercise exercise, Since since) {
            WorkingDose dose = WorkingDose.usual(exercise, exercise.role(role))
                    .lightest(exercise.role(role))
                    .inSets(sets)
                    .aiming(aim);
            return Prescription.plain(exercise, role, since, dose).asOften(often);
        }
    }

    /** Whether it is for what was operated. */
    public boolean concerns(Region region) {
        return joints.isEmpty() || !Collections.disjoint(joints, region.joints());
    }

    public ExerciseSet {
        joints = Set.copyOf(joints);
        items = List.copyOf(items);
        if (items.size() < LEAST || items.size() > MOST) {
            throw new IllegalArgumentException(
                    "a set of exercises: found " + items.size() + ", allowed: " + LEAST + " to " + MOST + " exercises");
        }
        if (items.stream().map(Item::role).distinct().count() < items.size()) {
            throw new IllegalArgumentException("a set of exercises: found one of them twice, allowed: each once");
        }
    }
}
