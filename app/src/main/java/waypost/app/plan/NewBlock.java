package waypost.app.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import waypost.app.entry.FormProblem;
import waypost.core.block.BlockSpan;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.DayKind;
import waypost.core.prescription.Week;

/**
 * A block to be written.
 *
 * @param weeks 3 or 4 as a rule; 1 to 6 are taken
 * @param kinds of the weekdays, Monday first; empty where nobody said
 * @param reasons what speaks for an exercise, where anything does; each at most 500 characters
 */
public record NewBlock(
        LocalDate beginsOn, int weeks, List<DayKind> kinds, List<RoleKey> roles, Map<RoleKey, String> reasons) {

    /** Nobody knows what a patient does in a quarter of a year (common practice, no source). */
    private static final int MOST_WEEKS_AHEAD = 12;

    private static final int LONGEST = 500;

    public NewBlock {
        kinds = List.copyOf(kinds);
        roles = List.copyOf(roles);
        reasons = Map.copyOf(reasons);
        if (weeks < 1 || weeks > BlockSpan.MOST_WEEKS) {
            throw new FormProblem("weeks", "Found " + weeks + " weeks, allowed: 1 to " + BlockSpan.MOST_WEEKS + ".");
        }
        if (!kinds.isEmpty() && kinds.size() != Week.DAYS) {
            throw new FormProblem("kinds", "Found " + kinds.size() + " days, allowed: seven, Monday first.");
        }
    }

    /** The same, each exercise with what speaks for it. */
    public NewBlock because(Map<RoleKey, String> why) {
        return new NewBlock(beginsOn, weeks, kinds, roles, why);
    }

    String why(RoleKey role) {
        String why = reasons.getOrDefault(role, "");
        return why.length() > LONGEST ? why.substring(0, LONGEST) : why;
    }

    public BlockSpan span() {
        return new BlockSpan(beginsOn, weeks);
    }

    /** Refuses a block of no exercise or of too many, and weeks for which none is written. */
    BlockSpan checked(LocalDate today) {
        if (roles.isEmpty() || roles.size() > Plans.MOST_ROLES) {
            throw new FormProblem(
                    "role",
                    "Found " + roles.size() + " exercises, allowed: 1 to " + Plans.MOST_ROLES
                            + ". Choose what is done.");
        }
        return weeksChecked(today);
    }

    /** Refuses weeks that are all past, or that nobody can look at yet. */
    public BlockSpan weeksChecked(LocalDate today) {
        if (span().firstFrom(today).isEmpty() || beginsOn.isAfter(today.plusWeeks(MOST_WEEKS_AHEAD))) {
            throw new FormProblem(
                    "beginsOn",
                    "Found a block from " + beginsOn + " on for " + weeks
                            + " weeks, allowed: weeks that are not all past and begin within "
                            + MOST_WEEKS_AHEAD + " weeks. Choose another first day.");
        }
        return span();
    }

    /** As it is kept. */
    public String days() {
        return kinds.stream().map(Enum::name).collect(Collectors.joining(","));
    }
}
