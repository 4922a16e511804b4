package waypost.core.prescription;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import waypost.core.exercise.RoleKey;

/**
 * What the weekdays of a block are for, and on which of them an exercise was placed.
 *
 * @param kinds seven, Monday first; none where nobody said
 * @param placed only of what was placed by hand; the rest is done on days of the kinds that its dose says
 */
public record Week(List<DayKind> kinds, Map<RoleKey, OnDays.Weekdays> placed) {

    public static final Week UNSAID = new Week(List.of());

    public static final int DAYS = 7;

    public Week {
        kinds = List.copyOf(kinds);
        placed = Map.copyOf(placed);
        if (!kinds.isEmpty() && kinds.size() != DAYS) {
            throw new IllegalArgumentException(
                    "a week: found " + kinds.size() + " days, allowed: seven, Monday first, or none");
        }
    }

    /** A week in which nothing was placed by hand. */
    public Week(List<DayKind> kinds) {
        this(kinds, Map.of());
    }

    /** What kind of day a date is; empty where nobody said. */
    public Optional<DayKind> kindOf(LocalDate date) {
        return kinds.isEmpty()
                ? Optional.empty()
                : Optional.of(kinds.get(date.getDayOfWeek().ordinal()));
    }

    /** When a role is meant: where it was placed; else on days of the kinds that its dose says, none for every day. */
    public OnDays daysOf(RoleKey role, Set<DayKind> written) {
        OnDays byHand = placed.get(role);
        return byHand == null ? new OnDays.OfKinds(written) : byHand;
    }

    /** The first day from {@code date} on among these; empty where the week has none. */
    public Optional<LocalDate> next(OnDays meant, LocalDate date) {
        return Stream.iterate(date, day -> day.plusDays(1))
                .limit(DAYS)
                .filter(day -> meant.isOn(day, this))
                .findFirst();
    }
}
