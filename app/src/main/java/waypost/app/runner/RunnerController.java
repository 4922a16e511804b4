package waypost.app.runner;

import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.store.NotFoundException;
import waypost.app.work.DayOfVisit;
import waypost.app.work.VisitDays;
import waypost.core.exercise.RoleKey;

/** Leads a session of one exercise of today's plan. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class RunnerController {

    private final VisitDays days;

    RunnerController(VisitDays days) {
        this.days = days;
    }

    @GetMapping("/courses/{id}/run")
    ModelAndView run(
            @AuthenticationPrincipal Staff staff, @PathVariable UUID id, @RequestParam(defaultValue = "") String role) {
        DayOfVisit day = days.today(staff, id);
        if (day.said().isEmpty()) {
            return new ModelAndView("redirect:/courses/" + id + "/check-in");
        }
        return new ModelAndView("runner/run").addObject("page", new RunnerPages(day).page(planned(day, role)));
    }

    private static RoleKey planned(DayOfVisit day, String typed) {
        try {
            RoleKey role = RoleKey.of(typed);
            if (day.signs().knows(role)) {
                return role;
            }
        } catch (IllegalArgumentException unreadable) {
            throw new NotFoundException();
        }
        throw new NotFoundException();
    }
}
