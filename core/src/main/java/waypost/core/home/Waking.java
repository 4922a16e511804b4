package waypost.core.home;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;

/**
 * The hours in which a patient is up.
 *
 * @param to when the patient goes to bed; no later than {@code from} means after midnight
 */
public record Waking(LocalTime from, LocalTime to) {

    private static final int SECONDS_OF_A_MINUTE = 60;
    private static final Duration LEAST = Duration.ofHours(6);

    /** As most are up (common practice, no source). */
    public static final Waking USUAL = new Waking(LocalTime.of(8, 0), LocalTime.of(21, 0));

    public Waking {
        Duration up = Duration.between(from, to);
        Duration length = to.isAfter(from) ? up : up.plusDays(1);
        if (length.compareTo(LEAST) < 0) {
            throw new IllegalArgumentException(
                    "waking hours: found " + from + " to " + to + ", allowed: " + LEAST.toHours() + " hours at least");
        }
    }

    /** How many minutes after midnight still belong to the day before: whoever goes to bed at one has until then. */
    public int lateMinutes() {
        return to.isAfter(from) ? 0 : to.toSecondOfDay() / SECONDS_OF_A_MINUTE;
    }

    ZonedDateTime begins(LocalDate day, ZoneId zone) {
        return day.atTime(from).atZone(zone);
    }

    /** The end of what began on a day; it may lie on the next. */
    ZonedDateTime ends(LocalDate day, ZoneId zone) {
        return (to.isAfter(from) ? day : day.plusDays(1)).atTime(to).atZone(zone);
    }
}
