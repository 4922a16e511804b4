package waypost.app.measure;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseHeads;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.core.course.Standing;

/** The readings on record: the list, corrections, and a reading of an earlier day. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class ReadingsController {

    private final CourseLoader loader;
    private final CourseHeads heads;
    private final ReadingMapper mapper;
    private final ReadingEntry entry;
    private final ClinicClock clock;

    ReadingsController(
            CourseLoader loader, CourseHeads heads, ReadingMapper mapper, ReadingEntry entry, ClinicClock clock) {
        this.loader = loader;
        this.heads = heads;
        this.mapper = mapper;
        this.entry = entry;
        this.clock = clock;
    }

    @GetMapping("/courses/{id}/measures/readings")
    ModelAndView readings(
            @AuthenticationPrincipal Staff staff, @PathVariable UUID id, @RequestParam @Nullable UUID before) {
        LoadedCourse course = loader.load(staff.clinicId(), id);
        return page(staff, course, before)
                .addObject("form", ReadingForm.blank(clock.today(staff), Sheets.operated(course)));
    }

    @PostMapping("/courses/{id}/readings")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView add(
            @AuthenticationPrincipal Staff staff, @PathVariable UUID id, @ModelAttribute("form") ReadingForm form) {
        LoadedCourse course = loader.load(staff.clinicId(), id);
        try {
            entry.add(staff, id, form, clock.today(staff));
            return new ModelAndView("redirect:/courses/" + id + "/measures/readings");
        } catch (FormProblem problem) {
            return refused(page(staff, course, null).addObject("form", form), problem);
        }
    }

    @PostMapping("/courses/{id}/readings/{readingId}/correction")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView correct(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @PathVariable UUID readingId,
            @RequestParam(defaultValue = "") String said,
            @RequestParam(defaultValue = "") String why) {
        LoadedCourse course = loader.load(staff.clinicId(), id);
        try {
            entry.correct(staff, id, readingId, said, why);
            return new ModelAndView("redirect:/courses/" + id + "/measures/readings");
        } catch (FormProblem problem) {
            ReadingForm blank = ReadingForm.blank(clock.today(staff), Sheets.operated(course));
            return refused(page(staff, course, null).addObject("form", blank), problem)
                    .addObject("correcting", readingId)
                    .addObject("correction", Map.of("said", said, "why", why));
        }
    }

    private static ModelAndView refused(ModelAndView page, FormProblem problem) {
        page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        return page.addObject("problems", problem.byField());
    }

    private ModelAndView page(Staff staff, LoadedCourse course, @Nullable UUID before) {
        LocalDate today = clock.today(staff);
        Standing standing = course.on(today);
        return new ModelAndView("measure/readings")
                .addObject("head", heads.head(course, standing, today))
                .addObject("choices", Choices.of(course, standing).choices())
                .addObject(
                        "page",
                        ReadingsPage.of(
                                course,
                                standing,
                                mapper.findBefore(course.row().id(), before, ReadingsPage.LENGTH + 1)))
                .addObject("problems", Map.of());
    }
}
