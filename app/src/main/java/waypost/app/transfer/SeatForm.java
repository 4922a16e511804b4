package waypost.app.transfer;

import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.core.function.Seat;

/**
 * Lengths of a person and of a seat as they were typed, in centimetres.
 *
 * @param knee from the floor to the hollow of the knee
 * @param thigh from hip to knee
 * @param height of the seat under the sitter
 */
public record SeatForm(
        @Nullable String knee,
        @Nullable String thigh,
        @Nullable String height) {

    /** As it was typed, for the fields. */
    public String typed(String field) {
        return Entered.text(
                switch (field) {
                    case "knee" -> knee;
                    case "thigh" -> thigh;
                    default -> height;
                });
    }

    boolean isBlank() {
        return typed("knee").isEmpty()
                && typed("thigh").isEmpty()
                && typed("height").isEmpty();
    }

    /** The seat; empty where a length is missing, no number, or no person's. */
    Optional<Seat> read() {
        OptionalDouble kneeHeight = Entered.decimal(typed("knee"));
        OptionalDouble length = Entered.decimal(typed("thigh"));
        OptionalDouble seat = Entered.decimal(typed("height"));
        if (kneeHeight.isEmpty() || length.isEmpty() || seat.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(new Seat(kneeHeight.getAsDouble(), length.getAsDouble(), seat.getAsDouble()));
        } catch (IllegalArgumentException nobodys) {
            return Optional.empty();
        }
    }
}
