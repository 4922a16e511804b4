package waypost.core.transfer;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import waypost.core.exercise.RoleKey;

/**
 * A way from one place to another.
 *
 * @param loggedAs the exercise as which it is kept once done; empty where it is none
 * @param steps with those for other courses
 */
public record Transfer(String id, String title, Optional<RoleKey> loggedAs, List<Step> steps) {

    public Transfer {
        steps = List.copyOf(steps);
    }

    /**
     * One step.
     *
     * @param say to the patient
     * @param guard what the therapist does meanwhile
     * @param watch what ends it or is corrected
     * @param shows how the body is held then; empty where a picture from the side would not tell it
     * @param when of which all must hold; none for every course
     * @param unless of which none may hold
     */
    public record Step(
            String say,
            String guard,
            String watch,
            Optional<Moment> shows,
            Set<Circumstance> when,
            Set<Circumstance> unless) {

        public Step {
            when = Set.copyOf(when);
            unless = Set.copyOf(unless);
        }

        boolean isFor(Set<Circumstance> today) {
            return today.containsAll(when) && unless.stream().noneMatch(today::contains);
        }
    }

    /** The steps of a course on a day. */
    public List<Step> steps(Set<Circumstance> today) {
        return steps.stream().filter(step -> step.isFor(today)).toList();
    }
}
