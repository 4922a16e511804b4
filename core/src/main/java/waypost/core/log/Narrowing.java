package waypost.core.log;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a therapist narrowed alone. It applies at once, beside every other rule, and never loosens one.
 *
 * @param change a new value of a limit, or activities barred
 * @param lastDay the last day on which it holds; empty until taken back
 */
public record Narrowing(String id, String by, LocalDate since, Optional<LocalDate> lastDay, String why, Change change) {

    public Narrowing {
        if (!(change instanceof Change.NewValue<?> || change instanceof Change.Bars)) {
            throw new IllegalArgumentException("narrowing " + id
                    + ": found a change that opens or ends something, allowed: a new value of a limit, or a bar");
        }
    }

    Narrowing barringAlso(Map<String, Set<String>> made) {
        return new Narrowing(id, by, since, lastDay, why, change.barringAlso(made));
    }
}
