package waypost.app.plan;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import waypost.core.visit.DayKind;

/**
 * A written block.
 *
 * @param days kinds of the weekdays, Monday first, parted by commas; empty where nobody said
 * @param writtenBy a display name
 */
public record Block(UUID id, LocalDate beginsOn, int weeks, String days, String writtenBy) {

    /** What kind of day a date is; empty where nobody said. */
    public Optional<DayKind> kindOf(LocalDate date) {
        String[] kinds = days.split(",");
        int at = date.getDayOfWeek().ordinal();
        return at < kinds.length && !kinds[at].isEmpty() ? Optional.of(DayKind.valueOf(kinds[at])) : Optional.empty();
    }

    /** The first day after it. */
    public LocalDate endsBefore() {
        return beginsOn.plusWeeks(weeks);
    }
}
