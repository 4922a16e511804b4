package waypost.app.band;

import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import waypost.core.strength.Calibration;
import waypost.core.strength.Spring;

/**
 * What somebody of a clinic has measured the pull of.
 *
 * @param bands by their steps
 * @param springs of its carriage, the lightest first; looked up when asked for
 */
public record Measured(Map<Integer, Calibration> bands, Supplier<List<Spring>> springs) {
    public Measured {
        bands = Map.copyOf(bands);
    }
}
