package waypost.core.sport;

import java.time.LocalDate;

/**
 * A week of sport.
 *
 * @param monday its first day
 * @param load minutes times effort of 10, done or at most to be done
 */
public record LoadWeek(LocalDate monday, double load, Kind kind) {

    /** What the week is for. */
    public enum Kind {
        DONE,
        BUILD,
        TAPER
    }
}
