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
 */
public record Reading(
        String measure,
        Side side,
        Mode mode,
        Amount amount,
        LocalDate date,
        boolean strict,
        String rater,
        Optional<Tool> tool) {}
