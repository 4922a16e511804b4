package waypost.core.progression;

import java.util.Optional;
import waypost.core.log.Response;
import waypost.core.protocol.PainRule;

/**
 * How much pain a set may give.
 *
 * @param most 0 to 10
 * @param ruled whether the protocol says so; otherwise it follows from the day's baseline
 */
public record PainLimit(int most, boolean ruled) {

    /**
     * The protocol's own threshold; where it has none, less than a rise that matters above the day's baseline (common
     * practice, no source).
     */
    public static PainLimit of(Optional<PainRule> rule, int baseline) {
        return rule.map(written -> new PainLimit(written.most(), true))
                .orElseGet(() -> new PainLimit(Math.min(10, baseline + Response.RISE_THAT_MATTERS - 1), false));
    }

    public boolean isBrokenBy(int pain) {
        return pain > most;
    }
}
