package waypost.core.movement;

import java.util.HashSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;

/**
 * A movement as it was watched.
 *
 * @param seen every fault that can be seen in it, each once, graded on both sides
 * @param painMost the most pain while doing it, 0 to 10
 * @param painFrom the angle at which it begins, in degrees from the start of the movement; empty where there is none, or it
 *     is not bound to an angle
 */
public record Observation(Watched movement, List<Seen> seen, int painMost, OptionalInt painFrom) {

    private static final int MOST_PAIN = 10;

    public Observation {
        seen = List.copyOf(seen);
        Set<Fault> graded = new HashSet<>(seen.stream().map(Seen::fault).toList());
        if (graded.size() != seen.size() || !graded.equals(Set.copyOf(movement.faults()))) {
            throw new IllegalArgumentException(movement + ": found "
                    + seen.stream().map(Seen::fault).toList() + ", allowed: each of " + movement.faults() + " once");
        }
        if (painMost < 0 || painMost > MOST_PAIN || painFrom.isPresent() && painMost == 0) {
            throw new IllegalArgumentException(movement + ": found pain " + painMost + " from " + painFrom
                    + ", allowed: 0 to " + MOST_PAIN + ", and an angle only with pain");
        }
    }

    /** No fault of the operated side at all: what is only slight is no clean movement yet, however the other side moves. */
    public boolean isClean() {
        return seen.stream().allMatch(fault -> fault.operated() == Grade.NONE);
    }

    /** What is there on the operated side, the plainest first. */
    public List<Seen> faults() {
        return seen.stream()
                .filter(fault -> fault.operated() != Grade.NONE)
                .sorted((one, other) -> other.operated().compareTo(one.operated()))
                .toList();
    }
}
