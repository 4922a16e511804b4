package waypost.app.plan;

import java.util.List;
import java.util.Optional;
import waypost.core.exercise.RoleKey;

/**
 * The plan as it stands.
 *
 * @param block empty while none was written: the roles are those that are proposed
 * @param roles in the order in which they are done
 */
public record CurrentPlan(Optional<Block> block, List<RoleKey> roles) {
    public CurrentPlan {
        roles = List.copyOf(roles);
    }
}
