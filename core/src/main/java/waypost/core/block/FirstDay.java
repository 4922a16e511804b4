package waypost.core.block;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.core.course.Outlook;
import waypost.core.gate.Verdict;

/**
 * The first day of a block on which a role may be done.
 *
 * @param outlook by time alone, as things are known now; or only if phases and milestones come as planned
 * @param verdict what the gate says of that day, open or open with a limit
 * @param closes the first later day of the block on which it is closed again, by the same outlook
 */
public record FirstDay(LocalDate on, Outlook outlook, Verdict verdict, Optional<LocalDate> closes) {

    /** Whether nothing but time stands before it. */
    public boolean isCertain() {
        return outlook == Outlook.TIME_ONLY;
    }

    /** Whether it is open in a block on any such weekday from its first day on. */
    public boolean isOpenOnA(DayOfWeek weekday, BlockSpan block) {
        LocalDate first = on.with(TemporalAdjusters.nextOrSame(weekday));
        return block.contains(first) && closes.map(first::isBefore).orElse(true);
    }

    /** Those of some weekdays on which it is open in a block. */
    public Set<DayOfWeek> openOf(Set<DayOfWeek> weekdays, BlockSpan block) {
        return weekdays.stream().filter(day -> isOpenOnA(day, block)).collect(Collectors.toSet());
    }

    FirstDay closing(LocalDate day) {
        return closes.isPresent() ? this : new FirstDay(on, outlook, verdict, Optional.of(day));
    }
}
