package waypost.core.exercise;

import java.util.Optional;

/**
 * A usual dose: sets of repetitions or of time, and how often.
 *
 * @param sets 1 to 20
 * @param aim what one set is
 * @param tempo lowering, pause, lifting, pause in seconds, such as 3-0-2-1
 * @param frequency such as "3 a week"
 */
public record Dose(int sets, SetAim aim, Optional<String> tempo, String frequency) {

    public static final int MOST_SETS = 20;

    public Dose {
        if (sets < 1 || sets > MOST_SETS) {
            throw new IllegalArgumentException("sets: found " + sets + ", allowed: 1 to " + MOST_SETS);
        }
    }

    /** Whether it is done on every day, and so at home. */
    public boolean isDaily() {
        return frequency.contains("day") || frequency.contains("daily") || frequency.contains("hour");
    }
}
