package waypost.core.strength;

import java.util.Optional;

/**
 * A spring of a carriage, or several that a clinic hooks in together, as somebody measured them there.
 *
 * @param name what the clinic calls it
 * @param homeMetres how long it is hooked in while the carriage is home, 0.05 to 5
 */
public record Spring(String name, double homeMetres, Calibration calibration) {

    private static final double SHORTEST = 0.05;
    private static final double LONGEST = 5;

    public Spring {
        if (!(homeMetres >= SHORTEST && homeMetres <= LONGEST)) {
            throw new IllegalArgumentException(
                    "hooked in: found " + homeMetres + " m, allowed: " + SHORTEST + " to " + LONGEST + " m");
        }
    }

    /** How hard it pulls with the carriage so far from home; empty beyond what was measured. */
    public Optional<Force> away(double metres) {
        return calibration.at(homeMetres + metres);
    }
}
