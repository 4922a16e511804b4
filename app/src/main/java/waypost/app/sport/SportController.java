package waypost.app.sport;

import java.util.Map;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.course.OpenCourse;
import waypost.app.entry.Sent;

/** Sport week by week, and what it is for. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class SportController {

    private final CourseDoor door;
    private final SportGoals goals;

    SportController(CourseDoor door, SportGoals goals) {
        this.door = door;
        this.goals = goals;
    }

    @GetMapping("/courses/{id}/sport")
    ModelAndView sport(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        return page(door.open(staff, id), SportForm.blank(), Map.of());
    }

    @PostMapping("/courses/{id}/sport/sessions")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView did(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, @ModelAttribute SportForm form) {
        return kept(staff, id, form, () -> goals.did(staff, id, form));
    }

    @PostMapping("/courses/{id}/sport/goal")
    @PreAuthorize("hasAuthority('HOLD')")
    ModelAndView aimAt(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, @ModelAttribute SportForm form) {
        return kept(staff, id, form, () -> goals.aimAt(staff, id, form));
    }

    private ModelAndView kept(Staff staff, UUID id, SportForm form, Runnable write) {
        return Sent.answer(
                () -> {
                    write.run();
                    return "redirect:/courses/" + id + "/sport";
                },
                problems -> page(door.open(staff, id), form, problems));
    }

    private ModelAndView page(OpenCourse open, SportForm form, Map<String, String> problems) {
        return new ModelAndView("sport/sport")
                .addObject("head", open.head())
                .addObject("today", open.today())
                .addObject("weeks", goals.plan(open).map(plan -> SportWeeks.of(plan, open.standing())))
                .addObject("form", form)
                .addObject("problems", problems);
    }
}
