package waypost.core.hand;

import java.util.Optional;
import waypost.core.function.FingerMotion;
import waypost.core.home.Rhythm;

/**
 * How much a finger is worked: three to five holds of ten seconds every hour, fewer as its range comes; one that is as good as
 * well needs less (common practice, no source).
 *
 * @param holds 3 to 5
 * @param seconds of each
 */
public record FingerDose(int holds, int seconds, Rhythm rhythm) {

    private static final int SECONDS = 10;
    private static final int EVERY_MINUTES = 60;
    private static final int TIMES_WHEN_WELL = 3;
    private static final int MOST = 5;
    private static final int LEAST = 3;

    /** By the last grade of its motion; the most where nobody has measured. */
    public static FingerDose of(Optional<FingerMotion> grade) {
        FingerMotion now = grade.orElse(FingerMotion.POOR);
        return switch (now) {
            case POOR -> new FingerDose(MOST, SECONDS, new Rhythm.Hourly(EVERY_MINUTES));
            case FAIR -> new FingerDose(MOST - 1, SECONDS, new Rhythm.Hourly(EVERY_MINUTES));
            case GOOD -> new FingerDose(LEAST, SECONDS, new Rhythm.Hourly(EVERY_MINUTES));
            case EXCELLENT -> new FingerDose(LEAST, SECONDS, new Rhythm.Times(TIMES_WHEN_WELL));
        };
    }
}
