package waypost.app.otherside;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
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
import waypost.app.rack.Signs;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.library.words.Dates;

/** Strength of the other side, worked alone while the operated one heals. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class OtherSideController {

    private final CourseDoor door;
    private final OtherSideKeeping keeping;

    OtherSideController(CourseDoor door, OtherSideKeeping keeping) {
        this.door = door;
        this.keeping = keeping;
    }

    /** An exercise that is open for the other side. */
    public record Choice(String role, String title) {}

    /** What was done on a day. */
    public record Line(String day, String says, String despite, String by) {}

    @GetMapping("/courses/{id}/other-side")
    ModelAndView otherSide(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        return page(door.open(staff, id), OtherSideForm.blank(), Map.of());
    }

    @PostMapping("/courses/{id}/other-side")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView keep(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, @ModelAttribute OtherSideForm form) {
        return Sent.answer(
                () -> {
                    keeping.keep(staff, id, form);
                    return "redirect:/courses/" + id + "/other-side";
                },
                problems -> page(door.open(staff, id), form, problems));
    }

    private ModelAndView page(OpenCourse open, OtherSideForm form, Map<String, String> problems) {
        Standing standing = open.standing();
        Signs signs = new Signs(standing);
        Map<Boolean, List<Choice>> byOpen = strength(standing).stream()
                .collect(Collectors.partitioningBy(
                        role -> standing.onOtherSide(role).kind().isOpen(),
                        Collectors.mapping(
                                role -> new Choice(role.toString(), signs.title(role)), Collectors.toList())));
        return new ModelAndView("otherside/other-side")
                .addObject("head", open.head())
                .addObject("choices", byOpen.get(true))
                .addObject("closed", byOpen.get(false))
                .addObject(
                        "lines",
                        keeping.of(open.course().row().id()).stream()
                                .map(kept -> line(kept, signs))
                                .toList())
                .addObject("form", form)
                .addObject("problems", problems);
    }

    /** What one side does alone to grow strong, of what the protocol speaks. */
    private static List<RoleKey> strength(Standing standing) {
        return standing.course().activities().stream()
                .filter(activity -> activity instanceof Activity.Exercise exercise
                        && exercise.purpose() == Purpose.STRENGTH
                        && standing.course().speaksOf(exercise))
                .flatMap(activity -> activity.roles().stream())
                .filter(role -> !role.isOfBoth())
                .map(Role::key)
                .toList();
    }

    private static Line line(OtherSideMapper.Kept kept, Signs signs) {
        RoleKey role = RoleKey.of(kept.role());
        String title = signs.knows(role) ? signs.title(role) : kept.role();
        return new Line(
                Dates.say(kept.doneOn()),
                title + ": " + kept.sets() + " × " + kept.amount()
                        + (kept.load().isEmpty() ? "" : " · " + kept.load()) + " · pain " + kept.pain(),
                kept.despite(),
                kept.by());
    }
}
