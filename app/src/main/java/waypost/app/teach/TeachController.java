package waypost.app.teach;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseHeads;
import waypost.app.entry.Entered;
import waypost.app.entry.Sent;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.core.course.Standing;

/** Teach-back: each precaution in plain words and a drawing, ticked when the patient has said it and shown it. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class TeachController {

    private final CourseLoader loader;
    private final CourseHeads heads;
    private final TeachBacks teachBacks;
    private final ClinicClock clock;

    TeachController(CourseLoader loader, CourseHeads heads, TeachBacks teachBacks, ClinicClock clock) {
        this.loader = loader;
        this.heads = heads;
        this.teachBacks = teachBacks;
        this.clock = clock;
    }

    @GetMapping("/courses/{id}/teach-back")
    ModelAndView teachBack(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        return page(staff, id, Map.of());
    }

    /** The cards of it on paper, in the patient's language. */
    @GetMapping("/courses/{id}/teach-back/print")
    ModelAndView print(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "en") String language) {
        LoadedCourse course = loader.load(staff.clinicId(), id);
        return new ModelAndView("teach/cards")
                .addObject("courseId", id)
                .addObject("patient", course.row().patientName())
                .addObject("cards", Cards.of(language, course, teachBacks.of(course, course.on(clock.today(staff)))));
    }

    @PostMapping("/courses/{id}/teach-back")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView keep(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String teachId,
            @RequestParam(defaultValue = "") String rule,
            @RequestParam(defaultValue = "") String said,
            @RequestParam(defaultValue = "") String shown,
            @RequestParam(defaultValue = "") String lapse) {
        return Sent.answer(
                () -> {
                    teachBacks.keep(
                            staff, id, Entered.id("teachId", teachId), rule, isTicked(said), isTicked(shown), lapse);
                    return "redirect:/courses/" + id + "/teach-back";
                },
                problems -> page(staff, id, problems));
    }

    private static boolean isTicked(String box) {
        return box.equals("true");
    }

    private ModelAndView page(Staff staff, UUID id, Map<String, String> problems) {
        LoadedCourse course = loader.load(staff.clinicId(), id);
        LocalDate today = clock.today(staff);
        Standing standing = course.on(today);
        return new ModelAndView("teach/teach-back")
                .addObject("head", heads.head(course, standing, today))
                .addObject("items", teachBacks.of(course, standing))
                .addObject("problems", problems);
    }
}
