package waypost.core.progression;

import java.util.Set;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;

/**
 * What may be done on the standing's day: open, not finished, and nothing of it at rest.
 *
 * @param off what is switched off since its purpose is reached
 */
record OpenToday(Standing standing, Set<RoleKey> off, Balance balance) {

    boolean isOpen(RoleKey role) {
        return standing.verdict(role).kind().isOpen()
                && !isOff(role)
                && balance.resting(role, standing.date()).isEmpty();
    }

    boolean isOff(RoleKey role) {
        return off.contains(role);
    }
}
