package waypost.app.hand;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.course.OpenCourse;
import waypost.app.entry.Entered;
import waypost.app.entry.Sent;
import waypost.core.body.Joint;
import waypost.core.exercise.RoleKey;
import waypost.core.hand.Finger;
import waypost.core.hand.HandWork;
import waypost.core.hand.SplintBounds;
import waypost.library.words.HandWords;
import waypost.library.words.Words;

/** Shows a hand finger by finger and keeps what each reaches. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class HandController {

    private static final RoleKey SCAR = new RoleKey("scar-massage", "operated");

    private final CourseDoor door;
    private final HandRecord hand;

    HandController(CourseDoor door, HandRecord hand) {
        this.door = door;
        this.hand = hand;
    }

    @GetMapping("/courses/{id}/hand")
    ModelAndView hand(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String finger) {
        return page(door.open(staff, id), HandForm.blank(finger), Map.of());
    }

    @PostMapping("/courses/{id}/hand")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView keep(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, @ModelAttribute HandForm form) {
        OpenCourse open = door.open(staff, id);
        return Sent.answer(
                () -> {
                    hand.keep(staff, open, form);
                    return "redirect:/courses/" + id + "/hand";
                },
                problems -> page(open, form, problems));
    }

    @PostMapping("/courses/{id}/hand/hurt")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView hurt(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String entryId,
            @RequestParam(defaultValue = "") String finger,
            @RequestParam(defaultValue = "") String hurt) {
        OpenCourse open = door.open(staff, id);
        return Sent.answer(
                () -> {
                    Finger which = Entered.choice(Finger.class, "finger", finger);
                    hand.setHurt(staff, open, Entered.id("entryId", entryId), which, hurt.equals("yes"));
                    return "redirect:/courses/" + id + "/hand?finger=" + which.name();
                },
                problems -> page(open, HandForm.blank(finger), problems));
    }

    private ModelAndView page(OpenCourse open, HandForm form, Map<String, String> problems) {
        boolean isHand = open.standing().course().resolved().region().joints().contains(Joint.PIP);
        List<String> worked = isHand ? HandWork.open(open.standing()) : List.of();
        List<HandLines.Line> lines = isHand
                ? new HandLines(open, hand.hurt(open), hand.fingers(open), !worked.isEmpty()).lines()
                : List.of();
        Optional<HandLines.Line> chosen = lines.stream()
                .filter(line -> line.value().equals(Entered.text(form.finger())))
                .findFirst()
                .or(() -> lines.stream().filter(HandLines.Line::hurt).findFirst())
                .or(() -> lines.stream().skip(1).findFirst());
        return new ModelAndView("hand/hand")
                .addObject("head", open.head())
                .addObject("lines", lines)
                .addObject("worked", String.join(", ", worked))
                .addObject("anyHurt", lines.stream().anyMatch(HandLines.Line::hurt))
                .addObject("chosen", chosen.orElse(null))
                .addObject("closed", isHand ? HandRecord.closed(open).orElse("") : "")
                .addObject("splint", HandWords.splint(SplintBounds.of(open.standing())))
                .addObject("scar", isHand ? scar(open) : "")
                .addObject("form", form)
                .addObject("entryId", Entered.text(form.entryId()))
                .addObject("hurtId", UUID.randomUUID())
                .addObject("problems", problems);
    }

    /** Why the scar is not worked today; blank where it is. */
    private static String scar(OpenCourse open) {
        var verdict = open.standing().verdict(SCAR);
        return verdict.kind().isOpen()
                ? ""
                : Words.of(open.standing().course().resolved()).why(verdict);
    }
}
