package waypost.core.log;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A surgeon's order. Only an order loosens a rule. Signed, it holds until its last day. Received by phone, what it loosens
 * holds for {@link #PHONE_DAYS} days and falls back unless countersigned, and it never loosens a rule that is surgeon
 * only; what it tightens holds until it is lifted.
 *
 * @param words as the surgeon said it
 * @param given the day on which it was given
 * @param from the first day on which it holds
 * @param lastDay the last day on which it holds; empty for the rest of the course
 * @param signed the day of the surgeon's own signature; empty while it is only received by phone
 * @param recordedBy the licensed therapist who read it back, for a phone order
 */
public record Order(
        String id,
        String words,
        String surgeon,
        LocalDate given,
        LocalDate from,
        Optional<LocalDate> lastDay,
        Optional<LocalDate> signed,
        Optional<String> recordedBy,
        List<Change> changes) {

    /** How long what an order by phone loosens holds, in days from its first day. */
    public static final int PHONE_DAYS = 3;

    public Order {
        changes = List.copyOf(changes);
        if (signed.isEmpty() && recordedBy.isEmpty()) {
            throw new IllegalArgumentException(
                    "order " + id + ": found neither a signature nor who read it back, allowed: one of them");
        }
        if (changes.isEmpty()) {
            throw new IllegalArgumentException("order " + id + ": found no change, allowed: at least one");
        }
    }

    Order barringAlso(Map<String, Set<String>> made) {
        List<Change> others =
                changes.stream().map(change -> change.barringAlso(made)).toList();
        return new Order(id, words, surgeon, given, from, lastDay, signed, recordedBy, others);
    }

    /** Whether it carries the surgeon's own signature. */
    public boolean isSigned() {
        return signed.isPresent();
    }

    /** The first day on which what it tightens no longer holds; empty when it holds on. */
    public Optional<LocalDate> tightensUntil() {
        return lastDay.map(day -> day.plusDays(1));
    }

    /** The first day on which nothing of it holds any more, as far as the order itself tells; empty when it holds on. */
    public Optional<LocalDate> endsOn() {
        return changes.stream().allMatch(Change.Bars.class::isInstance) ? tightensUntil() : loosensUntil();
    }

    /** The first day on which what it loosens no longer holds; empty when it holds on. */
    public Optional<LocalDate> loosensUntil() {
        Optional<LocalDate> own = tightensUntil();
        if (isSigned()) {
            return own;
        }
        LocalDate first = from.isBefore(given) ? given : from;
        LocalDate fallsBack = first.plusDays(PHONE_DAYS);
        return Optional.of(own.filter(fallsBack::isAfter).orElse(fallsBack));
    }
}
