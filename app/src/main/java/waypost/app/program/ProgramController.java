package waypost.app.program;

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
import waypost.app.entry.Sent;
import waypost.app.work.DayOfVisit;
import waypost.app.work.VisitDays;

/** The programs of a course, and which ones it follows. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class ProgramController {

    private final VisitDays days;
    private final CourseHeads heads;
    private final Following following;

    ProgramController(VisitDays days, CourseHeads heads, Following following) {
        this.days = days;
        this.heads = heads;
        this.following = following;
    }

    @GetMapping("/courses/{id}/programs")
    ModelAndView programs(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        return page(staff, id, Map.of());
    }

    @PostMapping("/courses/{id}/programs")
    @PreAuthorize("hasAuthority('HOLD')")
    ModelAndView follow(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String entryId,
            @RequestParam(defaultValue = "") String program,
            @RequestParam(defaultValue = "") String follows) {
        return Sent.answer(
                () -> {
                    following.keep(staff, id, entryId, program, follows);
                    return "redirect:/courses/" + id + "/programs#" + program;
                },
                problems -> page(staff, id, problems));
    }

    private ModelAndView page(Staff staff, UUID id, Map<String, String> problems) {
        DayOfVisit day = days.today(staff, id);
        return new ModelAndView("program/programs")
                .addObject("head", heads.head(day.course(), day.standing(), day.date()))
                .addObject("checkedIn", day.said().isPresent())
                .addObject("programs", new ProgramPages(day).pages())
                .addObject("problems", problems);
    }
}
