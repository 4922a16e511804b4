package waypost.core.prescription;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What the weekdays of a block are for.
 *
 * @param kinds seven, Monday first; none where nobody said
 */
public record Week(List<DayKind> kinds) {

    public static final Week UNSAID = new Week(List.of());

    public static final int DAYS = 7;

    public Week {
        kinds = List.copyOf(kinds);
        if (!kinds.isEmpty() && kinds.size() != DAYS) {
            throw new IllegalArgumentException(
                    "a week: found " + kinds.size() + " days, allowed: seven, Monday first, or none");
        }
    }

    /** What kind of day a date is; empty where nobody said. */
    public Optional<DayKind> kindOf(LocalDate date) {
        return kinds.isEmpty()
                ? Optional.empty()
                : Optional.of(kinds.get(date.getDayOfWeek().ordinal()));
    }

    /** The first day from {@code date} on that is of one of these kinds; empty where the week has none. */
    public Optional<LocalDate> nextOf(Set<DayKind> meant, LocalDate date) {
        return kinds.isEmpty()
                ? Optional.empty()
                : Stream.iterate(date, day -> day.plusDays(1))
                        .limit(DAYS)
                        .filter(day -> kindOf(day).stream()
                                .anyMatch(kind -> meant.stream().anyMatch(kind::isOf)))
                        .findFirst();
    }
}
