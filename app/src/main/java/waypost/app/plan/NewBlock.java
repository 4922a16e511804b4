package waypost.app.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import waypost.app.entry.FormProblem;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.DayKind;

/**
 * A block to be written.
 *
 * @param weeks 3 or 4 as a rule; 1 to 6 are taken
 * @param kinds of the weekdays, Monday first; empty where nobody said
 */
public record NewBlock(LocalDate beginsOn, int weeks, List<DayKind> kinds, List<RoleKey> roles) {

    private static final int MOST_WEEKS = 6;
    private static final int DAYS = 7;

    public NewBlock {
        kinds = List.copyOf(kinds);
        roles = List.copyOf(roles);
        if (weeks < 1 || weeks > MOST_WEEKS) {
            throw new FormProblem("weeks", "Found " + weeks + " weeks, allowed: 1 to " + MOST_WEEKS + ".");
        }
        if (!kinds.isEmpty() && kinds.size() != DAYS) {
            throw new FormProblem("kinds", "Found " + kinds.size() + " days, allowed: seven, Monday first.");
        }
    }

    /** As it is kept. */
    public String days() {
        return kinds.stream().map(Enum::name).collect(Collectors.joining(","));
    }
}
