package waypost.app.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import waypost.core.block.Meant;
import waypost.core.exercise.RoleKey;

/**
 * The plan as it stands on a day.
 *
 * @param block empty while none has begun: the roles are those that are proposed
 * @param meant in the order in which they are done, those whose day has not come among them
 * @param blocks every block of the course
 */
public record CurrentPlan(LocalDate date, Optional<Block> block, List<Meant> meant, Blocks blocks) {
    public CurrentPlan {
        meant = List.copyOf(meant);
    }

    /** What is meant for the day. */
    public List<RoleKey> roles() {
        return meant.stream()
                .filter(each -> each.isMeantOn(date))
                .map(Meant::role)
                .toList();
    }

    /** What is meant for a later day of the block. */
    public List<Meant> later() {
        return meant.stream().filter(each -> !each.isMeantOn(date)).toList();
    }

    /** The block that comes next; empty where none is written. */
    public Optional<Block> coming() {
        return blocks.comingAfter(date);
    }
}
