package waypost.app.today;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;

/** An appointment in the clinic's time, with the date of the patient's visit before it. */
record AppointmentRow(
        UUID id,
        UUID courseId,
        LocalDateTime startsAt,
        AppointmentState state,
        boolean walkIn,
        int version,
        Optional<LocalDate> before) {}
