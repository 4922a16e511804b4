package waypost.core.block;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/**
 * The days of a block.
 *
 * @param endsBefore the first day after it, 1 day to 6 weeks after it begins
 */
public record BlockSpan(LocalDate begins, LocalDate endsBefore) {

    public static final int MOST_WEEKS = 6;

    public BlockSpan {
        if (!endsBefore.isAfter(begins) || endsBefore.isAfter(begins.plusWeeks(MOST_WEEKS))) {
            throw new IllegalArgumentException("a block: found " + begins + " to before " + endsBefore
                    + ", allowed: 1 to " + MOST_WEEKS + " weeks");
        }
    }

    /** So many whole weeks. */
    public BlockSpan(LocalDate begins, int weeks) {
        this(begins, begins.plusWeeks(weeks));
    }

    /** This as far as it ran: the next block takes over on its first day. */
    public BlockSpan until(LocalDate next) {
        return next.isAfter(begins) && next.isBefore(endsBefore) ? new BlockSpan(begins, next) : this;
    }

    /** How many whole weeks it has. */
    public int weeks() {
        return (int) ChronoUnit.WEEKS.between(begins, endsBefore);
    }

    public boolean contains(LocalDate date) {
        return !date.isBefore(begins) && date.isBefore(endsBefore);
    }

    /** Its first day that is not past; empty where all of it is. */
    public Optional<LocalDate> firstFrom(LocalDate today) {
        return Optional.of(begins.isBefore(today) ? today : begins).filter(this::contains);
    }
}
