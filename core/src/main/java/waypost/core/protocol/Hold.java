package waypost.core.protocol;

import java.time.LocalDate;
import java.util.Optional;

/**
 * A temporary stop of all work on the operated region.
 *
 * @param review the day on which it is looked at again; it does not end by itself
 * @param ended the first day on which it no longer holds
 * @param by who placed it
 */
public record Hold(String why, LocalDate from, LocalDate review, Optional<LocalDate> ended, String by) {

    public boolean holdsOn(LocalDate date) {
        return !date.isBefore(from) && ended.map(date::isBefore).orElse(true);
    }
}
