package waypost.core.home;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import waypost.core.prescription.WorkingDose;

/**
 * A dose that grows by itself: so much more of what is counted in a set, every so many days.
 *
 * @param more 1 to 10
 * @param everyDays 1 to 14
 * @param most what a set is never raised above
 */
public record HomeGrowth(int more, int everyDays, int most) {

    private static final int MOST_MORE = 10;
    private static final int LONGEST = 14;

    public HomeGrowth {
        if (more < 1 || more > MOST_MORE || everyDays < 1 || everyDays > LONGEST) {
            throw new IllegalArgumentException("growth: found " + more + " more every " + everyDays
                    + " days, allowed: 1 to " + MOST_MORE + " more every 1 to " + LONGEST + " days");
        }
    }

    /** A dose never grows by itself to more than twice what it began with (common practice, no source). */
    public static HomeGrowth from(WorkingDose begun, int more, int everyDays) {
        return new HomeGrowth(more, everyDays, 2 * begun.aim().most());
    }

    /** How much is added on a day to what was {@code begun} with. */
    int onTop(int begun, LocalDate from, LocalDate day) {
        long steps = Math.max(0, ChronoUnit.DAYS.between(from, day)) / everyDays;
        return (int) Math.max(0, Math.min(steps * more, most - begun));
    }
}
