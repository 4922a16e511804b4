package waypost.core.runner;

import java.util.List;

/**
 * What is said when, in a session that a clock leads.
 *
 * @param beats in the order of their seconds
 * @param seconds how long it lasts
 */
public record Script(List<Beat> beats, int seconds) {

    public Script {
        beats = List.copyOf(beats);
    }

    /** How many rounds it has. */
    public int rounds() {
        return beats.stream().mapToInt(Beat::round).max().orElse(0);
    }
}
