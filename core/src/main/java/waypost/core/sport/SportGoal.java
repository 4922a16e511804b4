package waypost.core.sport;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Optional;
import waypost.core.progression.Ground;

/**
 * What somebody trains for.
 *
 * @param on the day of the event
 * @param mostRisePercent a week's load is never more than so much above the week before, 1 to 20 percent
 * @param load the week's load that the sport asks, minutes times effort of 10
 */
public record SportGoal(String name, LocalDate on, int mostRisePercent, double load) {

    /** The steepest rise that may be stated: common practice, no source. */
    public static final int STEEPEST_PERCENT = 20;

    private static final int TAPER_WEEKS = 2;

    public SportGoal {
        if (mostRisePercent < 1 || mostRisePercent > STEEPEST_PERCENT || !(load > 0)) {
            throw new IllegalArgumentException("goal: found a rise of " + mostRisePercent + " % to a load of " + load
                    + ", allowed: 1 to " + STEEPEST_PERCENT + " %, and a load above 0");
        }
    }

    /** What strength gives way to in the weeks of the taper: that of the event and the one before it, up to the event. */
    public Optional<Ground.EventNear> taperOn(LocalDate day) {
        return day.isBefore(tapers()) || day.isAfter(on) ? Optional.empty() : Optional.of(new Ground.EventNear(on));
    }

    /** The Monday on which the taper begins. */
    LocalDate tapers() {
        return on.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)).minusWeeks(TAPER_WEEKS - 1L);
    }

    /** The week's load that comes at most after this one, in whole units and never above the goal. */
    double after(double week) {
        return Math.min(load, Math.floor(week * (100 + mostRisePercent) / 100));
    }
}
