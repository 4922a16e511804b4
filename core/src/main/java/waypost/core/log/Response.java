package waypost.core.log;

import java.time.LocalDate;
import java.util.Optional;

/**
 * How the operated region answered a session.
 *
 * @param session the day of the session that is answered
 * @param baseline pain before it, 0 to 10
 * @param after worst pain in the hours after it
 * @param nextMorning pain the morning after
 * @param swollen whether it was more swollen afterwards
 * @param soreness of the joint, not of muscle
 */
public record Response(
        LocalDate session,
        int baseline,
        Optional<Integer> after,
        Optional<Integer> nextMorning,
        boolean swollen,
        Soreness soreness) {

    /** A rise of pain that matters: two of ten (Farrar et al. 2001, from memory). */
    public static final int RISE_THAT_MATTERS = 2;

    /** When the joint was sore, as the published soreness rules ask it. */
    public enum Soreness {
        NONE,
        WARM_UP_THEN_GONE,
        WARM_UP_AND_STAYED,
        WENT_AND_CAME_BACK,
        DAY_AFTER
    }

    /** Whether the region flared: more swollen, or pain the next morning above the day's baseline by what matters. */
    public boolean flared() {
        return swollen
                || nextMorning.map(pain -> pain - baseline >= RISE_THAT_MATTERS).orElse(false);
    }
}
