package waypost.app.store;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.core.log.Event;

/**
 * Something that happened to the limb, as it stands.
 *
 * @param enteredBy who put it on record
 * @param lookedOn absent until somebody has looked after it, as are the two behind it
 */
public record EventRow(
        UUID id,
        UUID courseId,
        String clock,
        LocalDate happenedOn,
        String words,
        String enteredBy,
        @Nullable LocalDate lookedOn,
        @Nullable String found,
        @Nullable String lookedBy) {

    /** The event as the rules know it. */
    public Event event() {
        return new Event(
                clock,
                happenedOn,
                words,
                enteredBy,
                Optional.ofNullable(lookedOn)
                        .map(on -> new Event.LookedAfter(on, String.valueOf(lookedBy), String.valueOf(found))));
    }
}
