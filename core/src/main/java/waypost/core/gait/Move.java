package waypost.core.gait;

import java.util.Set;

/**
 * One thing that is done.
 *
 * @param parts what is moved, together
 * @param after where everything stands then
 */
public record Move(Set<Part> parts, Stand after) {
    public Move {
        parts = Set.copyOf(parts);
    }
}
