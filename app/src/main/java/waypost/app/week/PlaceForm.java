package waypost.app.week;

import java.time.DayOfWeek;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.plan.Placing;
import waypost.core.exercise.RoleKey;

/**
 * The form that places an exercise, as it was sent.
 *
 * @param of a day of the week that was shown
 * @param block blank while none is written
 * @param weekday those on which it stands
 * @param seen those on which it was placed when the page was shown
 * @param turn a weekday to be put in or taken out; blank for none
 * @param asDosed sent to leave the days to the dose
 */
record PlaceForm(
        @Nullable String changeId,
        @Nullable String of,
        @Nullable String block,
        @Nullable String role,
        @Nullable List<String> weekday,
        @Nullable List<String> seen,
        @Nullable String turn,
        @Nullable String asDosed) {

    Placing read() {
        Set<DayOfWeek> wanted = asDosed == null ? turned(days("weekday", weekday)) : Set.of();
        if (asDosed == null && wanted.isEmpty()) {
            throw new FormProblem(
                    "weekday",
                    "Found no day, allowed: one to seven. Put in another day first, or take the exercise out of the plan.");
        }
        return new Placing(
                Entered.id("changeId", Entered.text(changeId)), block(block), readRole(), wanted, days("seen", seen));
    }

    /** The block that stood on the page; empty while none was written. */
    static Optional<UUID> block(@Nullable String typed) {
        return Optional.of(Entered.text(typed)).filter(id -> !id.isBlank()).map(id -> Entered.id("block", id));
    }

    private Set<DayOfWeek> turned(Set<DayOfWeek> on) {
        String typed = Entered.text(turn);
        if (typed.isBlank()) {
            return on;
        }
        Set<DayOfWeek> wanted = new HashSet<>(on);
        DayOfWeek day = Entered.choice(DayOfWeek.class, "weekday", typed);
        if (!wanted.remove(day)) {
            wanted.add(day);
        }
        return wanted;
    }

    private RoleKey readRole() {
        return Entered.role(role, "Found '" + role + "', allowed: an exercise of the plan.");
    }

    private static Set<DayOfWeek> days(String field, @Nullable List<String> typed) {
        return typed == null
                ? Set.of()
                : typed.stream()
                        .map(each -> Entered.choice(DayOfWeek.class, field, each))
                        .collect(Collectors.toSet());
    }
}
