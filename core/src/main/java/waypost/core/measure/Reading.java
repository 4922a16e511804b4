package waypost.core.measure;

import java.time.LocalDate;
import java.util.Optional;
import waypost.core.body.Mode;
import waypost.core.body.Side;

/**
 * One measured value.
 *
 * @param strict false when the patient got there by compensating; only strict readings count
 * @param rater who measured
 * @param tool what with; empty when the measure's usual tool
 * @param position how limb and tool were placed; empty when as is usual for the measure
 */
public record Reading(
        String measure,
        Side side,
        Mode mode,
        Amount amount,
        LocalDate date,
        boolean strict,
        String rater,
        Optional<Tool> tool,
        Optional<String> position) {

    /** With the measure's usual tool in the usual position. */
    public static Reading usual(
            Measure measure, Side side, Mode mode, Amount amount, LocalDate date, boolean strict, String rater) {
        return new Reading(measure.id(), side, mode, amount, date, strict, rater, Optional.empty(), Optional.empty());
    }

    /** The same as if nothing had helped it along. */
    public Reading asStrict() {
        return new Reading(measure, side, mode, amount, date, true, rater, tool, position);
    }

    /** Whether tool and position are the same: a ratio is bound to both. */
    public boolean isTakenLike(Reading other) {
        return tool.equals(other.tool) && position.equals(other.position);
    }
}
