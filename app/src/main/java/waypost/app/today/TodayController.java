package waypost.app.today;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.appointment.AppointmentRow;
import waypost.app.appointment.AppointmentState;
import waypost.app.appointment.Appointments;
import waypost.app.audit.ReadLog;
import waypost.app.course.CourseDoor;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.entry.OutOfReach;
import waypost.app.entry.Sent;
import waypost.app.finder.PatientFinder;
import waypost.app.shell.ClinicClock;
import waypost.app.store.LoadedCourse;
import waypost.app.store.NotFoundException;
import waypost.library.words.Dates;

/** Today's list and the appointments on it. */
@Controller
class TodayController {

    private static final int MOST_PEOPLE = 8;
    private static final int FEWEST_LETTERS = 2;

    private final Appointments appointments;
    private final TodayRows rows;
    private final Briefs briefs;
    private final PatientFinder finder;
    private final CourseDoor door;
    private final ClinicClock clock;

    TodayController(
            Appointments appointments,
            TodayRows rows,
            Briefs briefs,
            PatientFinder finder,
            CourseDoor door,
            ClinicClock clock) {
        this.appointments = appointments;
        this.rows = rows;
        this.briefs = briefs;
        this.finder = finder;
        this.door = door;
        this.clock = clock;
    }

    @GetMapping("/")
    String home() {
        return "redirect:/today";
    }

    @GetMapping("/today")
    ModelAndView today(
            @AuthenticationPrincipal Staff staff,
            @RequestParam Optional<LocalDate> on,
            @RequestParam Optional<UUID> visit,
            @RequestParam(defaultValue = "") String view) {
        return page(staff, on.map(OutOfReach::check).orElse(clock.today(staff)), visit)
                .addObject("dense", view.equals("dense"));
    }

    /** The brief of one visit. */
    @GetMapping("/today/visits/{id}/brief")
    ModelAndView brief(
            @AuthenticationPrincipal Staff staff, @PathVariable UUID id, @RequestParam Optional<LocalDate> on) {
        LocalDate day = on.map(OutOfReach::check).orElse(clock.today(staff));
        AppointmentRow row = appointments.on(staff, day).stream()
                .filter(appointment -> appointment.id().equals(id))
                .findFirst()
                .orElseThrow(NotFoundException::new);
        LoadedCourse course = door.look(staff, row.courseId(), ReadLog.BRIEF).course();
        return new ModelAndView("today/brief :: brief")
                .addObject("brief", Optional.of(briefs.brief(row, course, day)))
                .addObject("day", day);
    }

    @PostMapping("/today/appointments")
    @PreAuthorize("hasAuthority('BOOK')")
    ModelAndView book(
            @AuthenticationPrincipal Staff staff,
            @RequestParam UUID appointmentId,
            Person person,
            @RequestParam(defaultValue = "") String date,
            @RequestParam(defaultValue = "") String time) {
        LocalDateTime now = now(staff);
        return attempt(staff, now.toLocalDate(), () -> {
            UUID course = course(staff, person);
            appointments.book(
                    staff, appointmentId, course, Entered.date("date", date).atTime(Entered.time("time", time)), now);
        });
    }

    /** Whom the typed letters fit, to choose from while somebody types. */
    @PostMapping("/today/people")
    @PreAuthorize("hasAuthority('BOOK')")
    ModelAndView people(@AuthenticationPrincipal Staff staff, @RequestParam(defaultValue = "") String patient) {
        return new ModelAndView("today/people :: people")
                .addObject("people", patient.strip().length() < FEWEST_LETTERS ? List.of() : fitting(staff, patient));
    }

    /** For whom a visit is: chosen from a list, or typed so that only one fits. */
    record Person(@Nullable String courseId, @Nullable String patient) {}

    private UUID course(Staff staff, Person person) {
        String chosen = Entered.text(person.courseId());
        if (!chosen.isBlank()) {
            return Entered.id("courseId", chosen);
        }
        String typed = Entered.text(person.patient()).strip();
        if (typed.length() < FEWEST_LETTERS) {
            throw new FormProblem("patient", "Type two letters or more of the patient's name or number, then choose.");
        }
        List<PatientFinder.Found> found = fitting(staff, typed);
        if (found.size() != 1) {
            throw new FormProblem(
                    "patient",
                    found.isEmpty()
                            ? "Nobody in this clinic has '" + typed + "' in name or number."
                            : "More than one fits '" + typed + "'. Type more, or choose from the list.");
        }
        return found.get(0).id();
    }

    private List<PatientFinder.Found> fitting(Staff staff, String typed) {
        return finder.find(staff, typed, MOST_PEOPLE);
    }

    @PostMapping("/today/walk-in")
    @PreAuthorize("hasAuthority('BOOK')")
    ModelAndView walkIn(@AuthenticationPrincipal Staff staff, @RequestParam UUID appointmentId, Person person) {
        LocalDateTime now = now(staff);
        return attempt(
                staff, now.toLocalDate(), () -> appointments.walkIn(staff, appointmentId, course(staff, person), now));
    }

    @PostMapping("/today/appointments/{id}/state")
    @PreAuthorize("hasAuthority('BOOK')")
    ModelAndView become(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam int version,
            @RequestParam AppointmentState state) {
        LocalDate today = clock.today(staff);
        return attempt(staff, today, () -> appointments.become(staff, id, version, state, today));
    }

    @PostMapping("/today/appointments/{id}/move")
    @PreAuthorize("hasAuthority('BOOK')")
    ModelAndView move(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam int version,
            @RequestParam(defaultValue = "") String date,
            @RequestParam(defaultValue = "") String time) {
        LocalDateTime now = now(staff);
        return attempt(
                staff,
                now.toLocalDate(),
                () -> appointments.move(
                        staff, id, version, Entered.date("date", date).atTime(Entered.time("time", time)), now));
    }

    private LocalDateTime now(Staff staff) {
        return clock.now().atZone(staff.clinicZone()).toLocalDateTime();
    }

    private ModelAndView attempt(Staff staff, LocalDate day, Runnable writing) {
        return Sent.answer(
                () -> {
                    writing.run();
                    return "redirect:/today";
                },
                problems -> page(staff, day, Optional.empty()));
    }

    private ModelAndView page(Staff staff, LocalDate day, Optional<UUID> visit) {
        List<AppointmentRow> found = appointments.on(staff, day);
        Map<UUID, LoadedCourse> courses = rows.courses(staff, found);
        List<TodayRow> list = rows.rows(staff, found, courses, day);
        Optional<AppointmentRow> selected = selected(found, visit);
        rows.seen(staff, courses);
        return new ModelAndView("today/today")
                .addObject("day", day)
                .addObject("said", Dates.say(day))
                .addObject("isToday", day.equals(clock.today(staff)))
                .addObject("rows", list)
                .addObject("selected", selected.map(AppointmentRow::id).orElse(null))
                .addObject(
                        "brief",
                        selected.flatMap(row -> Optional.ofNullable(courses.get(row.courseId()))
                                .map(course -> briefs.brief(row, course, day))))
                .addObject("dense", false)
                .addObject("newId", UUID.randomUUID())
                .addObject("problems", Map.of());
    }

    /** The visit that is asked for; else who is here, else who comes next. */
    private static Optional<AppointmentRow> selected(List<AppointmentRow> found, Optional<UUID> visit) {
        return Stream.<Predicate<AppointmentRow>>of(
                        row -> visit.filter(row.id()::equals).isPresent(),
                        row -> row.state() == AppointmentState.ARRIVED,
                        row -> row.state() == AppointmentState.BOOKED,
                        row -> true)
                .flatMap(wanted -> found.stream().filter(wanted))
                .findFirst();
    }
}
