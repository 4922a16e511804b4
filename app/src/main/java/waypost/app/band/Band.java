package waypost.app.band;

import java.math.BigDecimal;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import waypost.core.strength.Calibration;
import waypost.core.strength.Force;
import waypost.core.strength.Spring;

/**
 * One band or spring of a clinic, with as much of its pull as somebody has measured, 0.1 to 60 kg each, more for more stretch.
 *
 * @param step 1 the lightest, at most 12
 * @param name what the clinic calls it, 1 to 30 characters
 * @param lengthCm its length before it pulls, 5 to 500 cm
 * @param homeCm how long a spring is hooked in while its carriage is home, 5 to 500 cm; nothing of a band
 * @param halfKg how hard it pulls at one and a half times that length
 * @param pullKg at double its length
 * @param tripleKg at three times its length
 */
public record Band(
        int step,
        String name,
        @Nullable Integer lengthCm,
        @Nullable Integer homeCm,
        @Nullable BigDecimal halfKg,
        @Nullable BigDecimal pullKg,
        @Nullable BigDecimal tripleKg) {

    private static final double CENTIMETRES = 100;

    /** How hard it pulls at which length; empty while nobody has measured it. */
    public Optional<Calibration> calibration() {
        Map<Integer, Force> pulls = new TreeMap<>();
        put(pulls, 50, halfKg);
        put(pulls, 100, pullKg);
        put(pulls, 200, tripleKg);
        return pulls.isEmpty()
                ? Optional.empty()
                : Optional.ofNullable(lengthCm).map(length -> new Calibration(length / CENTIMETRES, pulls));
    }

    /** As a spring of a carriage; empty while nobody has measured it. */
    public Optional<Spring> spring() {
        return homeCm == null
                ? Optional.empty()
                : calibration().map(pulls -> new Spring(name, homeCm / CENTIMETRES, pulls));
    }

    private static void put(Map<Integer, Force> pulls, int stretchPercent, @Nullable BigDecimal kilograms) {
        if (kilograms != null) {
            pulls.put(stretchPercent, Force.of(kilograms.doubleValue(), Force.Unit.KILOGRAM_FORCE));
        }
    }
}
