package waypost.app.rung;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import waypost.app.rack.Signs;
import waypost.core.course.Standing;
import waypost.core.demand.Demand;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.library.bundle.Word;

/**
 * What a therapist may narrow from an opened rung.
 *
 * @param newId the id of what will be written, so that sending it twice writes once
 * @param choices the exercise by name, and each motion that it asks of the operated joints
 */
public record Narrow(UUID courseId, UUID newId, List<Choice> choices) {

    /** Something to narrow, as the form carries it and as it is said. */
    public record Choice(String what, String said) {}

    public Narrow {
        choices = List.copyOf(choices);
    }

    /** The choices for a role of a course. */
    public static Narrow of(UUID courseId, Standing standing, RoleKey key) {
        Role role = new Signs(standing).role(key);
        Set<String> motions = new LinkedHashSet<>();
        for (Demand demand : role.demands()) {
            if (demand instanceof Demand.Movement movement
                    && movement.concerns(standing.course().resolved().region())) {
                motions.add(Word.of(movement.motion()));
            }
        }
        List<Choice> choices = new ArrayList<>();
        choices.add(new Choice("BARS:" + key.activity(), "this exercise, not at all"));
        motions.forEach(motion -> choices.add(new Choice("MOTION:" + motion, motion + ", everywhere")));
        return new Narrow(courseId, UUID.randomUUID(), choices);
    }
}
