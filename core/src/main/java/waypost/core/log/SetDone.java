package waypost.core.log;

import java.time.LocalDate;
import java.util.Optional;
import waypost.core.demand.Load;
import waypost.core.exercise.RoleKey;

/**
 * One set as it was really done.
 *
 * @param amount so many of what the exercise counts, 0 to 2,000
 * @param pain 0 to 10, during the set
 */
public record SetDone(RoleKey role, LocalDate on, int amount, Optional<Load> load, int pain, Form form) {

    private static final int MOST = 2000;
    private static final int WORST = 10;

    /** How well it was done. */
    public enum Form {
        GOOD,
        /** Done, with another part of the body helping. */
        COMPENSATED,
        /** Lost: the set was ended for it. */
        LOST
    }

    public SetDone {
        if (amount < 0 || amount > MOST) {
            throw new IllegalArgumentException("a set: found " + amount + ", allowed: 0 to " + MOST);
        }
        if (pain < 0 || pain > WORST) {
            throw new IllegalArgumentException("pain: found " + pain + ", allowed: 0 to " + WORST);
        }
    }
}
