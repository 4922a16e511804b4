package waypost.app.appointment;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** An appointment in the clinic's time, with the date of the patient's visit before it. */
public record AppointmentRow(
        UUID id,
        UUID courseId,
        LocalDateTime startsAt,
        AppointmentState state,
        boolean walkIn,
        int version,
        @Nullable LocalDate before) {

    /** The date of the visit before this one. */
    public Optional<LocalDate> lastVisit() {
        return Optional.ofNullable(before);
    }
}
