package waypost.app.patient;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.course.CourseHeads;
import waypost.app.course.OpenCourse;
import waypost.app.store.CourseLoader;
import waypost.app.store.CourseRow;
import waypost.app.store.LoadedCourse;
import waypost.core.course.Standing;
import waypost.library.words.Dates;

/** Every course of one patient, which are judged together. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class PatientController {

    private final CourseLoader loader;
    private final CourseDoor door;

    PatientController(CourseLoader loader, CourseDoor door) {
        this.loader = loader;
        this.door = door;
    }

    /** A course of the patient in a line. */
    public record Line(UUID id, String operation, String protocol, String stands, String state) {}

    @GetMapping("/courses/{id}/patient")
    ModelAndView patient(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        OpenCourse open = door.open(staff, id);
        List<Line> lines = loader.patient(staff.clinicId(), id).stream()
                .map(each -> line(each, open.today()))
                .toList();
        return new ModelAndView("patient/patient")
                .addObject("head", open.head())
                .addObject("lines", lines);
    }

    private static Line line(LoadedCourse course, LocalDate today) {
        Standing standing = course.on(today);
        return new Line(
                course.row().id(),
                CourseHeads.operation(course),
                course.protocol().face(),
                Dates.bothCountings(standing.day()) + " · " + standing.phase().title(),
                state(course, today));
    }

    private static String state(LoadedCourse course, LocalDate today) {
        boolean revised = course.patient().stream()
                .map(CourseRow::revises)
                .flatMap(of -> Optional.ofNullable(of).stream())
                .anyMatch(course.row().id()::equals);
        if (revised) {
            return "revised: kept as the past";
        }
        if (course.course().runsOn(today)) {
            return "runs: closes what it does not allow in the others";
        }
        LocalDate ended = course.row().endedOn();
        return ended != null && !today.isBefore(ended) ? "ended on " + Dates.say(ended) : "does not run today";
    }
}
