package waypost.core.block;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.OnDays;

/**
 * A role of a plan, and since when and on which weekdays it is meant to be done.
 *
 * @param from empty for as long as the plan stands
 * @param placed empty where nobody placed it: it is meant on the days that its dose says
 */
public record Meant(RoleKey role, Optional<LocalDate> from, Optional<OnDays.Weekdays> placed) {

    /** One that nobody placed on weekdays. */
    public Meant(RoleKey role, Optional<LocalDate> from) {
        this(role, from, Optional.empty());
    }

    /** Meant as long as the plan stands. */
    public static Meant always(RoleKey role) {
        return new Meant(role, Optional.empty());
    }

    /** Meant from the day on which a block opens it. */
    public static Meant since(RoleKey role, FirstDay first, BlockSpan block) {
        return new Meant(role, Optional.of(first.on()).filter(day -> day.isAfter(block.begins())));
    }

    /** This placed on weekdays; on none it is left to its dose. */
    public Meant on(Set<DayOfWeek> weekdays) {
        return new Meant(
                role, from, weekdays.isEmpty() ? Optional.empty() : Optional.of(new OnDays.Weekdays(weekdays)));
    }

    public boolean isMeantOn(LocalDate date) {
        return from.map(day -> !date.isBefore(day)).orElse(true);
    }
}
