package waypost.app.version;

import jakarta.servlet.http.HttpSession;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.PasswordFreshness;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.entry.Sent;

/** Shows who is behind a later version, and what it would change; signs the following. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class VersionController {

    private final Versions versions;
    private final CourseDoor door;
    private final PasswordFreshness freshness;

    VersionController(Versions versions, CourseDoor door, PasswordFreshness freshness) {
        this.versions = versions;
        this.door = door;
        this.freshness = freshness;
    }

    @GetMapping("/versions")
    ModelAndView all(@AuthenticationPrincipal Staff staff, HttpSession session) {
        return all(staff, session, Map.of());
    }

    private ModelAndView all(Staff staff, HttpSession session, Map<String, String> problems) {
        Versions.All all = versions.all(staff);
        return new ModelAndView("version/versions")
                .addObject("behind", all.behind())
                .addObject("more", all.more())
                .addObject(
                        "unchanged",
                        all.behind().stream().filter(Behind::isNothing).count())
                .addObject("askPassword", freshness.mustAsk(session))
                .addObject("problems", problems);
    }

    @PostMapping("/versions")
    @PreAuthorize("hasAuthority('PUBLISH')")
    ModelAndView followAll(
            @AuthenticationPrincipal Staff staff, @RequestParam @Nullable String password, HttpSession session) {
        return Sent.answer(
                () -> {
                    freshness.require(session, staff, password);
                    versions.followAll(staff);
                    return "redirect:/versions";
                },
                problems -> all(staff, session, problems));
    }

    @GetMapping("/courses/{id}/version")
    ModelAndView one(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, HttpSession session) {
        return one(staff, id, session, Map.of());
    }

    private ModelAndView one(Staff staff, UUID id, HttpSession session, Map<String, String> problems) {
        Optional<Behind> behind = versions.of(staff, id);
        return new ModelAndView("version/version")
                .addObject("head", door.open(staff, id).head())
                .addObject("behind", behind.orElse(null))
                .addObject("hash", behind.map(Behind::hash).orElse(""))
                .addObject("askPassword", freshness.mustAsk(session))
                .addObject("problems", problems);
    }

    @PostMapping("/courses/{id}/version")
    @PreAuthorize("hasAuthority('PUBLISH')")
    ModelAndView follow(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String shown,
            @RequestParam @Nullable String password,
            HttpSession session) {
        return Sent.answer(
                () -> {
                    freshness.require(session, staff, password);
                    versions.follow(staff, id, shown);
                    return "redirect:/courses/" + id + "/version";
                },
                problems -> one(staff, id, session, problems));
    }
}
