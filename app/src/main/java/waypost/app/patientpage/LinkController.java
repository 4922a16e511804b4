package waypost.app.patientpage;

import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.course.OpenCourse;
import waypost.library.words.Dates;

/** Makes and ends the link by which a patient opens the page at home. */
@Controller
@PreAuthorize("hasAuthority('RECORD')")
class LinkController {

    private final CourseDoor door;
    private final HomeLinks links;
    private final String baseUrl;

    LinkController(CourseDoor door, HomeLinks links, @Value("${waypost.base-url}") String baseUrl) {
        this.door = door;
        this.links = links;
        this.baseUrl = baseUrl;
    }

    @GetMapping("/courses/{id}/home/link")
    ModelAndView link(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        return page(door.open(staff, id), "");
    }

    /** Shown this once: only its hash is kept. The secret stands behind the #, which no browser sends or logs. */
    @PostMapping("/courses/{id}/home/link")
    ModelAndView make(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        OpenCourse open = door.open(staff, id);
        return page(
                open, baseUrl + "/home#" + links.make(staff, open.course().row().id()));
    }

    @PostMapping("/courses/{id}/home/link/end")
    String end(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        links.revoke(door.open(staff, id).course().row().id());
        return "redirect:/courses/" + id + "/home/link";
    }

    private ModelAndView page(OpenCourse open, String link) {
        return new ModelAndView("home/link")
                .addObject("head", open.head())
                .addObject("link", link)
                .addObject(
                        "standing",
                        links.last(open.course().row().id())
                                .map(last -> says(last))
                                .orElse("No link was made yet."));
    }

    private static String says(HomeLinkMapper.LastRow last) {
        if (last.revokedAt() != null) {
            return "The last link was ended.";
        }
        String until = "It holds until " + Dates.say(last.expiresOn()) + ".";
        String opened = last.telephones() == 0
                ? "Nobody has opened it yet."
                : last.telephones() == 1
                        ? "One telephone has opened it."
                        : last.telephones() + " telephones have opened it.";
        return last.wrong() == 0
                ? until + " " + opened
                : until + " " + opened + " A wrong birth date was given " + last.wrong() + " times; the fifth ends it.";
    }
}
