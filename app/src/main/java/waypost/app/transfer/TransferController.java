package waypost.app.transfer;

import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseHeads;
import waypost.app.store.NotFoundException;
import waypost.app.work.DayOfVisit;
import waypost.app.work.VisitDays;
import waypost.core.body.Limb;

/** Leads from place to place. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class TransferController {

    private final VisitDays days;
    private final CourseHeads heads;

    TransferController(VisitDays days, CourseHeads heads) {
        this.days = days;
        this.heads = heads;
    }

    @GetMapping("/courses/{id}/transfer")
    ModelAndView transfer(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String what,
            @ModelAttribute SeatForm seat) {
        DayOfVisit day = days.today(staff, id);
        if (!day.standing().course().resolved().region().limbs().contains(Limb.LEG)) {
            throw new NotFoundException();
        }
        if (day.said().isEmpty()) {
            return new ModelAndView("redirect:/courses/" + id + "/check-in");
        }
        return new ModelAndView("transfer/transfer")
                .addObject("head", heads.head(day.course(), day.standing(), day.date()))
                .addObject("seat", seat)
                .addObject("entryId", UUID.randomUUID())
                .addObject("page", new TransferPages(day).page(what, seat));
    }
}
