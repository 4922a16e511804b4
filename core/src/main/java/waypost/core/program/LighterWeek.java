package waypost.core.program;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * A week in which less is done of the same stage, every so many weeks from the first session on.
 *
 * @param every 2 to 12 weeks; the last of them is the lighter one
 * @param percent of the stage, 30 to 90
 */
public record LighterWeek(int every, int percent) {

    private static final int LEAST_WEEKS = 2;
    private static final int MOST_WEEKS = 12;
    private static final int LEAST_PERCENT = 30;
    private static final int MOST_PERCENT = 90;
    private static final int DAYS = 7;

    public LighterWeek {
        if (every < LEAST_WEEKS || every > MOST_WEEKS) {
            throw new IllegalArgumentException(
                    "a lighter week: found every " + every + ", allowed: " + LEAST_WEEKS + " to " + MOST_WEEKS);
        }
        if (percent < LEAST_PERCENT || percent > MOST_PERCENT) {
            throw new IllegalArgumentException(
                    "a lighter week: found " + percent + " %, allowed: " + LEAST_PERCENT + " to " + MOST_PERCENT);
        }
    }

    /** Whether a day lies in such a week of a program begun on a day. */
    public boolean isOn(LocalDate begun, LocalDate day) {
        long week = ChronoUnit.DAYS.between(begun, day) / DAYS;
        return week % every == every - 1;
    }
}
