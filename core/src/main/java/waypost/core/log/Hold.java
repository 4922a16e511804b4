package waypost.core.log;

import java.time.LocalDate;
import java.util.Optional;

/**
 * A temporary stop of all work on the operated region.
 *
 * @param review the day on which it is looked at again; it does not end by itself
 * @param ended the first day on which it no longer holds
 * @param by who placed it
 */
public record Hold(Kind kind, String why, LocalDate from, LocalDate review, Optional<LocalDate> ended, String by) {

    /** What led to it. */
    public enum Kind {
        FLARE,
        INJECTION,
        WOUND,
        RED_FLAG,
        OTHER
    }

    /** Whether it stops all work of the person, not only that on the operated region: an emergency or same-day flag. */
    public boolean stopsEverything() {
        return kind == Kind.RED_FLAG;
    }

    public boolean holdsOn(LocalDate date) {
        return !date.isBefore(from) && ended.map(date::isBefore).orElse(true);
    }
}
