package waypost.core.home;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.Stream;

/**
 * What a patient does at home, and for how long it is meant.
 *
 * @param from its first day
 * @param until its last day; at most six weeks are looked ahead
 * @param lines one to twenty, each exercise once
 */
public record HomeProgram(LocalDate from, LocalDate until, Waking waking, List<HomeLine> lines) {

    /** Beyond this nobody knows enough to have said it (common practice, no source). */
    public static final int LONGEST_DAYS = 42;

    private static final int MOST_LINES = 20;

    public HomeProgram {
        lines = List.copyOf(lines);
        long days = ChronoUnit.DAYS.between(from, until) + 1;
        if (days < 1 || days > LONGEST_DAYS) {
            throw new IllegalArgumentException(
                    "validity: found " + days + " days, allowed: 1 to " + LONGEST_DAYS + " days");
        }
        if (lines.isEmpty() || lines.size() > MOST_LINES) {
            throw new IllegalArgumentException("exercises: found " + lines.size() + ", allowed: 1 to " + MOST_LINES);
        }
        if (lines.stream().map(HomeLine::role).distinct().count() < lines.size()) {
            throw new IllegalArgumentException("exercises: found one twice, allowed: each once");
        }
    }

    /** Every day on which it is valid. */
    public Stream<LocalDate> days() {
        return from.datesUntil(until.plusDays(1));
    }

    public boolean isValidOn(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(until);
    }
}
