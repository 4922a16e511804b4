package waypost.core.block;

import java.time.LocalDate;
import java.util.Optional;
import waypost.core.exercise.RoleKey;

/**
 * A role of a plan and since when it is meant to be done.
 *
 * @param from empty for as long as the plan stands
 */
public record Meant(RoleKey role, Optional<LocalDate> from) {

    /** Meant as long as the plan stands. */
    public static Meant always(RoleKey role) {
        return new Meant(role, Optional.empty());
    }

    /** Meant from the day on which a block opens it. */
    public static Meant since(RoleKey role, FirstDay first, BlockSpan block) {
        return new Meant(role, Optional.of(first.on()).filter(day -> day.isAfter(block.begins())));
    }

    public boolean isMeantOn(LocalDate date) {
        return from.map(day -> !date.isBefore(day)).orElse(true);
    }
}
