package waypost.app.plan;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.UUID;
import waypost.core.prescription.DayKind;
import waypost.core.prescription.Week;

/**
 * A written block.
 *
 * @param days kinds of the weekdays, Monday first, parted by commas; empty where nobody said
 * @param writtenBy a display name
 */
public record Block(UUID id, LocalDate beginsOn, int weeks, String days, String writtenBy) {

    /** What its weekdays are for. */
    public Week week() {
        return days.isEmpty()
                ? Week.UNSAID
                : new Week(Arrays.stream(days.split(",")).map(DayKind::valueOf).toList());
    }

    /** The first day after it. */
    public LocalDate endsBefore() {
        return beginsOn.plusWeeks(weeks);
    }
}
