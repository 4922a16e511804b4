package waypost.app.milestone;

import jakarta.servlet.http.HttpSession;
import java.time.LocalDate;
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
import waypost.app.course.OpenCourse;
import waypost.app.entry.Entered;
import waypost.app.entry.Sent;
import waypost.app.store.LoadedCourse;
import waypost.core.course.Standing;
import waypost.core.followup.VisitAdvice;
import waypost.core.log.Hold;
import waypost.library.words.AdviceWords;
import waypost.library.words.BehindWords;
import waypost.library.words.BlockWords;
import waypost.library.words.MilestoneWords;
import waypost.library.words.Words;

/** What has to be true to move on, signing the advance, and holds. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class MilestoneController {

    private final CourseDoor door;
    private final Advances advances;
    private final Holds holds;
    private final Attestations attestations;
    private final SurgeonMessages messages;
    private final PasswordFreshness freshness;

    MilestoneController(
            CourseDoor door,
            Advances advances,
            Holds holds,
            Attestations attestations,
            SurgeonMessages messages,
            PasswordFreshness freshness) {
        this.door = door;
        this.advances = advances;
        this.holds = holds;
        this.attestations = attestations;
        this.messages = messages;
        this.freshness = freshness;
    }

    @GetMapping("/courses/{id}/milestones")
    ModelAndView milestones(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, HttpSession session) {
        return page(staff, id, session);
    }

    @PostMapping("/courses/{id}/advance")
    @PreAuthorize("hasAuthority('SIGN')")
    ModelAndView advance(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam String phase,
            @RequestParam String shown,
            @RequestParam @Nullable String password,
            HttpSession session) {
        return attempt(staff, id, session, "advance", () -> {
            freshness.require(session, staff, password);
            advances.sign(staff, id, phase, shown, door.today(staff));
        });
    }

    @PostMapping("/courses/{id}/holds")
    @PreAuthorize("hasAuthority('HOLD')")
    ModelAndView hold(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam UUID holdId,
            @RequestParam(defaultValue = "OTHER") String kind,
            @RequestParam String why,
            @RequestParam(defaultValue = "") String reviewOn,
            HttpSession session) {
        return attempt(
                staff,
                id,
                session,
                "hold",
                () -> holds.place(
                        staff,
                        id,
                        new Holds.Wanted(
                                holdId,
                                Entered.choice(Hold.Kind.class, "kind", kind),
                                why,
                                door.today(staff),
                                Entered.date("reviewOn", reviewOn))));
    }

    @PostMapping("/courses/{id}/holds/{holdId}/end")
    @PreAuthorize("hasAuthority('SIGN')")
    ModelAndView end(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @PathVariable UUID holdId,
            @RequestParam String why,
            @RequestParam @Nullable String password,
            HttpSession session) {
        return attempt(staff, id, session, "end", () -> {
            freshness.require(session, staff, password);
            holds.end(staff, id, holdId, why, door.today(staff));
        });
    }

    @PostMapping("/courses/{id}/attestations")
    @PreAuthorize("hasAuthority('SIGN')")
    ModelAndView attest(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam UUID attestationId,
            @RequestParam(defaultValue = "") String criterion,
            @RequestParam(defaultValue = "") String saidBy,
            @RequestParam @Nullable String password,
            HttpSession session) {
        return attempt(staff, id, session, "attest", () -> {
            freshness.require(session, staff, password);
            attestations.keep(staff, id, new Attestations.Wanted(attestationId, criterion, saidBy), door.today(staff));
        });
    }

    @PostMapping("/courses/{id}/messages")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView message(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam UUID messageId,
            @RequestParam(defaultValue = "") String words,
            HttpSession session) {
        return attempt(
                staff, id, session, "message", () -> messages.keep(staff, id, messageId, words, door.today(staff)));
    }

    private ModelAndView attempt(Staff staff, UUID id, HttpSession session, String form, Runnable writing) {
        door.open(staff, id);
        return Sent.answer(
                () -> {
                    writing.run();
                    return "redirect:/courses/" + id + "/milestones";
                },
                problems -> page(staff, id, session).addObject("refused", form));
    }

    private ModelAndView page(Staff staff, UUID id, HttpSession session) {
        OpenCourse open = door.open(staff, id);
        LocalDate today = open.today();
        LoadedCourse course = open.course();
        Standing standing = open.standing();
        Words words = Words.of(standing.course().resolved());
        VisitAdvice advice = VisitAdvice.of(standing);
        Optional<Advances.Offer> offer = advances.offer(standing, today);
        return forms(course, standing, today)
                .addObject("head", open.head())
                .addObject("offer", offer)
                .addObject("evidence", EvidenceTable.of(standing).rows())
                .addObject("blocks", new BlockWords(new MilestoneWords(words.dates())).say(standing))
                .addObject(
                        "behind",
                        advice.behind().stream()
                                .map(new BehindWords(words)::say)
                                .toList())
                .addObject("adviceTitle", AdviceWords.title(advice))
                .addObject("adviceWhy", new AdviceWords(words).why(advice))
                .addObject("earliest", offer.map(o -> words.dates().say(o.next().earliest())))
                .addObject("askPassword", freshness.mustAsk(session));
    }

    /** The page with its forms as they are before anything was typed. */
    private static ModelAndView forms(LoadedCourse course, Standing standing, LocalDate today) {
        return new ModelAndView("milestone/milestones")
                .addObject("draft", SurgeonMessages.draft(course, standing))
                .addObject("newMessageId", UUID.randomUUID())
                .addObject("holds", course.holds())
                .addObject("toAttest", Attestations.open(standing))
                .addObject("newAttestationId", UUID.randomUUID())
                .addObject("newHoldId", UUID.randomUUID())
                .addObject("reviewOn", today.plusDays(3))
                .addObject("problems", Map.of())
                .addObject("refused", "");
    }
}
