package waypost.app.milestone;

import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Map;
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
import waypost.app.account.StaffRole;
import waypost.app.course.CourseDoor;
import waypost.app.course.OpenCourse;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.entry.Sent;
import waypost.core.course.NextPhase;
import waypost.core.milestone.Milestone;

/** What waits for the surgeon's word, answered on the list with the evidence in sight; a part of a page. */
@Controller
@PreAuthorize("hasAuthority('SIGN')")
class ClearanceController {

    private final CourseDoor door;
    private final Attestations attestations;
    private final PasswordFreshness freshness;

    ClearanceController(CourseDoor door, Attestations attestations, PasswordFreshness freshness) {
        this.door = door;
        this.attestations = attestations;
        this.freshness = freshness;
    }

    @GetMapping("/courses/{id}/clearances")
    ModelAndView clearances(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, HttpSession session) {
        return part(staff, id, session, Map.of());
    }

    private ModelAndView part(Staff staff, UUID id, HttpSession session, Map<String, String> problems) {
        OpenCourse open = door.open(staff, id);
        return new ModelAndView("milestone/clearances :: clearances")
                .addObject("id", id)
                .addObject("evidence", EvidenceTable.of(open.standing()).rows())
                .addObject("waiting", waiting(open))
                .addObject("surgeon", staff.role() == StaffRole.SURGEON)
                .addObject("newAttestationId", UUID.randomUUID())
                .addObject("askPassword", freshness.mustAsk(session))
                .addObject("problems", problems);
    }

    private static List<Milestone> waiting(OpenCourse open) {
        return open.standing().next().map(NextPhase::clearances).orElse(List.of());
    }

    /** Keeps the surgeon's own word with today's date. Sent twice, it is kept once. */
    @PostMapping("/courses/{id}/clearances")
    ModelAndView clear(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String attestationId,
            @RequestParam(defaultValue = "") String criterion,
            @RequestParam @Nullable String password,
            HttpSession session) {
        OpenCourse open = door.open(staff, id);
        return Sent.answer(
                () -> {
                    UUID kept = Entered.id("attestationId", attestationId);
                    if (staff.role() != StaffRole.SURGEON) {
                        throw new FormProblem(
                                "criterion",
                                "Only a surgeon says so here. What a surgeon told you is kept on the page of milestones.");
                    }
                    if (waiting(open).stream()
                            .noneMatch(milestone -> milestone.criterion().id().equals(criterion))) {
                        throw new FormProblem(
                                "criterion", "This does not wait for a surgeon's word. Open the list again.");
                    }
                    freshness.require(session, staff, password);
                    attestations.keep(
                            staff,
                            id,
                            new Attestations.Wanted(kept, criterion, staff.name() + ", with the evidence in sight"),
                            open.today());
                    return "redirect:/courses/" + id + "/clearances";
                },
                problems -> part(staff, id, session, problems));
    }
}
