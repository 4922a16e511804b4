package waypost.core.protocol;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import waypost.core.log.Hold;

/**
 * What the protocol says of holds.
 *
 * @param kinds the kinds of hold it is about; empty for all
 * @param longestDays where holding does harm: after so many days it escalates
 * @param otherwise what follows then
 * @param reEntry how to begin again, lower than the last dose
 */
public record HoldRule(
        String id, Set<Hold.Kind> kinds, OptionalInt longestDays, String otherwise, Optional<ReEntry> reEntry) {

    /** After a hold the dose is at most so many percent of the last one, for so many days. */
    public record ReEntry(int percent, int days) {
        public ReEntry {
            if (percent < 1 || percent > 99 || days < 1) {
                throw new IllegalArgumentException("re-entry: found " + percent + " % for " + days
                        + " days, allowed: 1 to 99 % for at least one day");
            }
        }
    }

    public HoldRule {
        kinds = Set.copyOf(kinds);
    }

    public boolean isAbout(Hold hold) {
        return kinds.isEmpty() || kinds.contains(hold.kind());
    }
}
