package waypost.app.work;

import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;

/** Remembering what works for a patient. */
@Controller
class TrickController {

    private final Tricks tricks;

    TrickController(Tricks tricks) {
        this.tricks = tricks;
    }

    @PostMapping("/courses/{id}/tricks")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView keep(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String trickId,
            @RequestParam(defaultValue = "") String role,
            @RequestParam(defaultValue = "") String words) {
        return WorkPages.at(id, tricks.keep(staff, id, trickId, role, words));
    }
}
