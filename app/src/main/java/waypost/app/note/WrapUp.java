package waypost.app.note;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.appointment.Appointments;
import waypost.app.entry.Entered;
import waypost.app.shell.ClinicClock;
import waypost.app.work.VisitDays;

/** Wraps up a visit: the note and the next appointment are both written, or neither. */
@Service
class WrapUp {

    private final Notes notes;
    private final Appointments appointments;
    private final VisitDays days;
    private final ClinicClock clock;

    WrapUp(Notes notes, Appointments appointments, VisitDays days, ClinicClock clock) {
        this.notes = notes;
        this.appointments = appointments;
        this.days = days;
        this.clock = clock;
    }

    @Transactional
    public void write(Staff staff, UUID courseId, NoteForm form) {
        LocalDate today = clock.today(staff);
        Optional<LocalDateTime> next = nextVisit(form);
        notes.write(staff, days.on(staff, courseId, form.readVisitedOn().orElse(today)), form);
        next.ifPresent(at -> appointments.book(staff, bookingId(form), courseId, at, today.atStartOfDay()));
    }

    private static UUID bookingId(NoteForm form) {
        return UUID.nameUUIDFromBytes((form.readId() + "next").getBytes(StandardCharsets.UTF_8));
    }

    private static Optional<LocalDateTime> nextVisit(NoteForm form) {
        return form.readNextOn()
                .filter(on -> !NoteForm.text(form.nextAt()).isEmpty())
                .map(on -> on.atTime(Entered.time("nextAt", NoteForm.text(form.nextAt()))));
    }
}
