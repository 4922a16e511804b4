package waypost.core.compare;

import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;

/** A role whose verdict is another one afterwards. */
public record Turned(RoleKey role, Verdict before, Verdict after) {

    /** Which way it turned. */
    public enum Way {
        OPENS,
        CLOSES,
        /** Open before and after, without a limit afterwards. */
        FREED,
        /** Open before and after, with a limit or another one afterwards. */
        LIMITED,
        /** Closed before and after, for another reason. */
        OTHERWISE_CLOSED
    }

    public Way way() {
        boolean was = before.kind().isOpen();
        boolean is = after.kind().isOpen();
        if (was != is) {
            return is ? Way.OPENS : Way.CLOSES;
        }
        if (!is) {
            return Way.OTHERWISE_CLOSED;
        }
        return after.reducedTo().isEmpty() && after.reasons().isEmpty() ? Way.FREED : Way.LIMITED;
    }

    /** Whether the two verdicts would be seen as two: another kind, or cut otherwise. */
    static boolean differ(Verdict one, Verdict other) {
        return one.kind() != other.kind() || !one.reducedTo().equals(other.reducedTo());
    }
}
