package waypost.app.plan;

import java.time.LocalDate;
import java.util.UUID;

/** A written block; {@code writtenBy} is a display name. */
public record Block(UUID id, LocalDate beginsOn, int weeks, String writtenBy) {

    /** The first day after it. */
    public LocalDate endsBefore() {
        return beginsOn.plusWeeks(weeks);
    }
}
