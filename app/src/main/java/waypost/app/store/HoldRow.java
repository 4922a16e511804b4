package waypost.app.store;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.core.log.Hold;

/** A hold, with its end if it was lifted. */
public record HoldRow(
        UUID id,
        UUID courseId,
        Hold.Kind kind,
        String why,
        LocalDate fromDate,
        LocalDate reviewOn,
        @Nullable LocalDate endedOn,
        String placedBy) {

    /** The first day on which it no longer holds. */
    public Optional<LocalDate> ended() {
        return Optional.ofNullable(endedOn);
    }
}
