package waypost.core.done;

import java.util.Optional;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;

/** What becomes of an exercise when something of its set-up stands higher. */
interface Raising {

    /**
     * The exercise with it so many metres higher, or lower if negative.
     *
     * @throws IllegalArgumentException where no body of middling build reaches that
     */
    Activity.Exercise by(Activity.Exercise exercise, double metres);

    /** The height to which what a role asks comes, in metres; empty where that does not tell it. */
    default Optional<Double> heightMetres(Role role) {
        return Optional.empty();
    }
}
