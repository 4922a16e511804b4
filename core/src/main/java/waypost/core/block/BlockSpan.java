package waypost.core.block;

import java.time.LocalDate;
import java.util.Optional;

/**
 * The weeks of a block.
 *
 * @param weeks 1 to 6
 */
public record BlockSpan(LocalDate begins, int weeks) {

    public static final int MOST_WEEKS = 6;

    public BlockSpan {
        if (weeks < 1 || weeks > MOST_WEEKS) {
            throw new IllegalArgumentException(
                    "a block: found " + weeks + " weeks, allowed: 1 to " + MOST_WEEKS + " weeks");
        }
    }

    /** The first day after it. */
    public LocalDate endsBefore() {
        return begins.plusWeeks(weeks);
    }

    public boolean contains(LocalDate date) {
        return !date.isBefore(begins) && date.isBefore(endsBefore());
    }

    /** Its first day that is not past; empty where all of it is. */
    public Optional<LocalDate> firstFrom(LocalDate today) {
        return Optional.of(begins.isBefore(today) ? today : begins).filter(this::contains);
    }
}
