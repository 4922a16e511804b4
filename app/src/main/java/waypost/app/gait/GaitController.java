package waypost.app.gait;

import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.course.OpenCourse;
import waypost.app.store.NotFoundException;
import waypost.core.body.Limb;
import waypost.core.gait.Aid;
import waypost.core.gait.Pattern;
import waypost.core.gait.Walk;
import waypost.core.gait.Way;
import waypost.core.runner.CourseWalk;

/** Shows how the patient walks today. What does not go with the weight that is allowed is not shown. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class GaitController {

    private final CourseDoor door;

    GaitController(CourseDoor door) {
        this.door = door;
    }

    @GetMapping("/courses/{id}/walk")
    ModelAndView walk(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String aid,
            @RequestParam(defaultValue = "") String pattern,
            @RequestParam(defaultValue = "") String way,
            @ModelAttribute HandleForm handle) {
        OpenCourse open = door.open(staff, id);
        if (!open.standing().course().resolved().region().limbs().contains(Limb.LEG)) {
            throw new NotFoundException();
        }
        CourseWalk today = CourseWalk.of(open.standing());
        Walk walk = today.with(chosen(Aid.values(), aid), chosen(Pattern.values(), pattern), chosen(Way.values(), way));
        return new ModelAndView("gait/walk")
                .addObject("head", open.head())
                .addObject("typed", handle)
                .addObject("handle", handle.isBlank() ? HandlePage.nothing() : HandlePage.of(handle))
                .addObject("page", new GaitPages(today, walk).page());
    }

    /** What is named that does not exist is as good as not named. */
    private static <E extends Enum<E>> Optional<E> chosen(E[] all, String named) {
        return Stream.of(all)
                .filter(each -> each.name().equals(named.strip().toUpperCase(Locale.ROOT)))
                .findFirst();
    }
}
