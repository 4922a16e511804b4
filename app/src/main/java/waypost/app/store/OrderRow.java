package waypost.app.store;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.core.exercise.RoleKey;
import waypost.core.limit.Limit;
import waypost.core.log.Change;
import waypost.core.log.Order;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bounds;
import waypost.library.coursefile.CourseFileWriter.OrderText;

/**
 * An order of the surgeon that stands.
 *
 * @param subject a role, the id of a limit or a duty, or an activity, by kind
 * @param allow for a limit what it allows, as a protocol file writes it; empty otherwise
 * @param signedOn absent for an order by phone
 * @param enteredBy who put it on record
 */
public record OrderRow(
        UUID id,
        UUID courseId,
        String words,
        String surgeon,
        Kind kind,
        String subject,
        String allow,
        LocalDate givenOn,
        LocalDate fromOn,
        @Nullable LocalDate lastOn,
        @Nullable LocalDate signedOn,
        String enteredBy) {

    /** What an order does. */
    public enum Kind {
        OPENS,
        LIMIT,
        ENDS,
        BARS
    }

    /**
     * The order in the terms of its protocol.
     *
     * @throws IllegalArgumentException with what was found and what is allowed
     */
    public Order order(Protocol protocol) {
        return new Order(
                id.toString(),
                words,
                surgeon,
                givenOn,
                fromOn,
                Optional.ofNullable(lastOn),
                Optional.ofNullable(signedOn),
                Optional.of(enteredBy),
                List.of(change(protocol)));
    }

    /** The order in the words in which it was entered. */
    public OrderText text() {
        return new OrderText(
                id.toString(),
                words,
                surgeon,
                givenOn,
                fromOn,
                Optional.ofNullable(lastOn),
                Optional.ofNullable(signedOn),
                enteredBy,
                kind.name().toLowerCase(Locale.ROOT),
                subject,
                allow);
    }

    private Change change(Protocol protocol) {
        return switch (kind) {
            case OPENS -> new Change.Opens(RoleKey.of(subject));
            case LIMIT -> newValue(protocol.limit(subject), allow);
            case ENDS -> new Change.Ends(subject);
            case BARS -> new Change.Bars(Set.of(subject));
        };
    }

    private static <T> Change newValue(Limit<T> limit, String allow) {
        return new Change.NewValue<>(limit, Bounds.read(limit, allow));
    }
}
