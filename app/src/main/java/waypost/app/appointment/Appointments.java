package waypost.app.appointment;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.store.CourseLoader;
import waypost.app.store.NotFoundException;
import waypost.library.words.Dates;

/** Books, moves and follows appointments. */
@Service
public class Appointments {

    private final AppointmentMapper mapper;
    private final CourseLoader loader;

    Appointments(AppointmentMapper mapper, CourseLoader loader) {
        this.mapper = mapper;
        this.loader = loader;
    }

    public List<AppointmentRow> on(Staff staff, LocalDate day) {
        return mapper.findDay(staff.clinicId(), day, staff.zone());
    }

    /** When visits of a course are booked, from a moment on. */
    public List<Instant> bookedFrom(UUID clinicId, UUID courseId, Instant from) {
        return mapper.findBooked(clinicId, courseId, from);
    }

    /** The courses that have a visit on this day, whatever became of it. */
    public Set<UUID> coursesOn(Staff staff, LocalDate day) {
        return on(staff, day).stream().map(AppointmentRow::courseId).collect(Collectors.toSet());
    }

    /** Books an appointment. Sent twice, it is booked once. */
    @Transactional
    public void book(Staff staff, UUID id, UUID courseId, LocalDateTime startsAt, LocalDateTime now) {
        loader.load(staff.clinicId(), courseId);
        refusePastAndClosed(staff, startsAt, now);
        mapper.insert(
                id, staff.clinicId(), courseId, startsAt, staff.zone(), AppointmentState.BOOKED, false, staff.id());
    }

    /** Somebody came without an appointment. */
    @Transactional
    public void walkIn(Staff staff, UUID id, UUID courseId, LocalDateTime now) {
        loader.load(staff.clinicId(), courseId);
        mapper.insert(id, staff.clinicId(), courseId, now, staff.zone(), AppointmentState.ARRIVED, true, staff.id());
    }

    /** Moves a booked appointment. */
    @Transactional
    public void move(Staff staff, UUID id, int version, LocalDateTime to, LocalDateTime now) {
        AppointmentRow row = find(staff, id);
        if (row.state() != AppointmentState.BOOKED) {
            throw new FormProblem(
                    "appointment", "Only a booked appointment can be moved; this one is " + said(row.state()) + ".");
        }
        refusePastAndClosed(staff, to, now);
        write(staff, row, to, AppointmentState.BOOKED, version);
    }

    /** Notes what became of an appointment. */
    @Transactional
    public void become(Staff staff, UUID id, int version, AppointmentState state, LocalDate today) {
        AppointmentRow row = find(staff, id);
        if (row.state() == state) {
            return;
        }
        if (!row.state().next().contains(state)) {
            throw new FormProblem(
                    "appointment", "Found '" + said(row.state()) + "', which can't become '" + said(state) + "'.");
        }
        if (state.needsTheDay() && row.startsAt().toLocalDate().isAfter(today)) {
            throw new FormProblem(
                    "appointment",
                    "This appointment is on " + Dates.say(row.startsAt().toLocalDate())
                            + ", in the future; it can be moved or cancelled.");
        }
        write(staff, row, row.startsAt(), state, version);
    }

    private AppointmentRow find(Staff staff, UUID id) {
        return mapper.find(staff.clinicId(), id, staff.zone()).orElseThrow(NotFoundException::new);
    }

    private void write(Staff staff, AppointmentRow row, LocalDateTime at, AppointmentState state, int version) {
        int written = mapper.update(row.id(), staff.clinicId(), at, staff.zone(), state, version, staff.id());
        if (written == 0) {
            throw new FormProblem(
                    "appointment", "Somebody else changed this appointment a moment ago. Here is how it stands now.");
        }
    }

    private void refusePastAndClosed(Staff staff, LocalDateTime startsAt, LocalDateTime now) {
        if (startsAt.isBefore(now.toLocalDate().atStartOfDay())) {
            throw new FormProblem("date", "Found " + Dates.say(startsAt.toLocalDate()) + ", allowed: today or later.");
        }
        String weekday = startsAt.getDayOfWeek().name();
        if (List.of(mapper.closedDays(staff.clinicId()).split(",")).contains(weekday)) {
            throw new FormProblem("date", "The clinic is closed on " + weekday.toLowerCase(Locale.ROOT) + "s.");
        }
    }

    /** A state as words. */
    public static String said(AppointmentState state) {
        return state.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
