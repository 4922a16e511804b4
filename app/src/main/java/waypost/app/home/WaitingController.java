package waypost.app.home;

import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.diary.Diary;

/** What came from home and waits for somebody: a part of today's page. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class WaitingController {

    private final Diary diary;
    private final CourseDoor door;

    WaitingController(Diary diary, CourseDoor door) {
        this.diary = diary;
        this.door = door;
    }

    @GetMapping("/today/home")
    ModelAndView waiting(@AuthenticationPrincipal Staff staff) {
        return new ModelAndView("home/waiting :: waiting").addObject("waiting", diary.waiting(staff));
    }

    @PostMapping("/courses/{id}/home/seen")
    @PreAuthorize("hasAuthority('RECORD')")
    String seen(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        diary.seen(staff, door.open(staff, id).course().row().id());
        return "redirect:/today";
    }
}
