package waypost.core.log;

import java.time.LocalDate;
import java.util.Set;

/**
 * What was done on a day, in the clinic or at home.
 *
 * @param activities ids of the exercises done
 * @param flared whether the joint answered with a flare
 */
public record Session(LocalDate on, Set<String> activities, boolean flared) {
    public Session {
        activities = Set.copyOf(activities);
    }
}
