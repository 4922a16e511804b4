package waypost.core.log;

import java.time.LocalDate;
import java.util.Optional;
import waypost.core.demand.Load;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.RoleKey;

/**
 * One set as it was really done.
 *
 * @param amount so many of what the exercise counts, 0 to 2,000
 * @param setUp how it was set up, as far as that was written down
 * @param pain 0 to 10, during the set
 */
public record SetDone(
        RoleKey role, LocalDate on, int amount, Optional<Load> load, Arrangement setUp, int pain, Form form) {

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

    /** Of an exercise that is set up in one way, or of which nobody said how it was set up. */
    public SetDone(RoleKey role, LocalDate on, int amount, Optional<Load> load, int pain, Form form) {
        this(role, on, amount, load, Arrangement.UNSAID, pain, form);
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
