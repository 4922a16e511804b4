package waypost.app.store;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/** A hold, with its end if it was lifted. */
public record HoldRow(
        UUID id,
        UUID courseId,
        String why,
        LocalDate fromDate,
        LocalDate reviewOn,
        Optional<LocalDate> endedOn,
        String placedBy) {}
