package waypost.app.plan;

import java.time.DayOfWeek;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import waypost.core.exercise.RoleKey;

/**
 * An exercise of a block to be placed on weekdays.
 *
 * @param id sent twice, it is done once
 * @param block empty while none is written: what is proposed is kept first
 * @param weekdays none to leave it to its dose
 * @param seen where it stood on the writer's page; none where its dose said when
 */
public record Placing(UUID id, Optional<UUID> block, RoleKey role, Set<DayOfWeek> weekdays, Set<DayOfWeek> seen) {
    public Placing {
        weekdays = Set.copyOf(weekdays);
        seen = Set.copyOf(seen);
    }
}
