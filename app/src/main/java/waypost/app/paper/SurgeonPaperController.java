package waypost.app.paper;

import jakarta.servlet.http.HttpSession;
import java.util.Comparator;
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
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.entry.Sent;
import waypost.app.store.Bundles;
import waypost.core.body.Joint;
import waypost.core.protocol.Protocol;
import waypost.library.paper.PaperSaid;

/** Surgeons' papers: begun, written, asked about, looked through, handed in, signed, withdrawn. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class SurgeonPaperController {

    private static final int MOST_REVISIONS = 100_000;
    private static final String TO = "redirect:/papers/";

    private final Papers papers;
    private final CheckedPapers looked;
    private final Bundles bundles;
    private final PasswordFreshness freshness;

    SurgeonPaperController(Papers papers, CheckedPapers looked, Bundles bundles, PasswordFreshness freshness) {
        this.papers = papers;
        this.looked = looked;
        this.bundles = bundles;
        this.freshness = freshness;
    }

    @GetMapping("/papers")
    ModelAndView all(@AuthenticationPrincipal Staff staff) {
        return all(staff, "");
    }

    private ModelAndView all(Staff staff, String title) {
        return new ModelAndView("paper/papers")
                .addObject("papers", papers.all(staff))
                .addObject("entryId", UUID.randomUUID())
                .addObject("title", title)
                .addObject("problems", Map.of())
                .addObject(
                        "joints", List.of(Joint.SHOULDER, Joint.ELBOW, Joint.WRIST, Joint.HIP, Joint.KNEE, Joint.ANKLE))
                .addObject(
                        "protocols",
                        bundles.shipped().protocols().stream()
                                .sorted(Comparator.comparing(Protocol::title))
                                .toList());
    }

    @PostMapping("/papers")
    @PreAuthorize("hasAuthority('REFER')")
    ModelAndView begin(
            @AuthenticationPrincipal Staff staff,
            @RequestParam(defaultValue = "") String entryId,
            @RequestParam(defaultValue = "") String title,
            @RequestParam(defaultValue = "") String base,
            @RequestParam(defaultValue = "") String joint) {
        return Sent.answer(
                () -> TO + papers.begin(staff, Entered.id("entryId", entryId), title, base, joint),
                problems -> all(staff, title));
    }

    /** What waits to be signed, as a part of Today. */
    @GetMapping("/papers/waiting")
    @PreAuthorize("hasAuthority('PUBLISH')")
    ModelAndView waiting(@AuthenticationPrincipal Staff staff) {
        return new ModelAndView("paper/waiting :: waiting")
                .addObject(
                        "waiting",
                        papers.all(staff).stream()
                                .filter(row -> row.state() == PaperRow.State.IN_REVIEW)
                                .toList());
    }

    @GetMapping("/papers/{paperId}")
    ModelAndView paper(@AuthenticationPrincipal Staff staff, @PathVariable UUID paperId) {
        PaperRow row = papers.find(staff, paperId);
        return page(row, row.lines());
    }

    private ModelAndView page(PaperRow row, String lines) {
        ReadPaper read = papers.read(row);
        return new ModelAndView("paper/paper")
                .addObject("row", row)
                .addObject("base", bundles.shipped().protocol(row.base()).title())
                .addObject("lines", lines)
                .addObject("read", read)
                .addObject("said", new PaperSaid(bundles.shipped()))
                .addObject("open", looked.open(read))
                .addObject("problems", Map.of());
    }

    @PostMapping("/papers/{paperId}")
    @PreAuthorize("hasAuthority('REFER')")
    ModelAndView write(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID paperId,
            @RequestParam(defaultValue = "") String revision,
            @RequestParam(defaultValue = "") String lines) {
        return Sent.answer(
                () -> {
                    papers.write(staff, paperId, number(revision), lines);
                    return TO + paperId;
                },
                problems -> page(papers.find(staff, paperId), lines));
    }

    @PostMapping("/papers/{paperId}/answers")
    @PreAuthorize("hasAuthority('REFER')")
    ModelAndView answer(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID paperId,
            @RequestParam(defaultValue = "") String revision,
            @RequestParam(defaultValue = "") String line,
            @RequestParam(defaultValue = "") String question,
            @RequestParam(defaultValue = "") String choice) {
        return Sent.answer(
                () -> {
                    papers.answer(staff, paperId, number(revision), line, question, choice);
                    return TO + paperId + "#lines";
                },
                problems -> paper(staff, paperId));
    }

    @GetMapping("/papers/{paperId}/check")
    ModelAndView check(@AuthenticationPrincipal Staff staff, @PathVariable UUID paperId, HttpSession session) {
        return checked(papers.find(staff, paperId), session);
    }

    private ModelAndView checked(PaperRow row, HttpSession session) {
        ReadPaper read = papers.read(row);
        if (!looked.open(read).isEmpty()) {
            return page(row, row.lines());
        }
        CheckedPaper checked = looked.check(read);
        return new ModelAndView("paper/check")
                .addObject("row", row)
                .addObject("base", bundles.shipped().protocol(row.base()).title())
                .addObject("checked", checked)
                .addObject("since", papers.since(row))
                .addObject("said", new PaperSaid(bundles.shipped()))
                .addObject("hash", checked.hash())
                .addObject("askPassword", freshness.mustAsk(session))
                .addObject("problems", Map.of());
    }

    @PostMapping("/papers/{paperId}/steps")
    @PreAuthorize("hasAuthority('REFER')")
    ModelAndView step(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID paperId,
            @RequestParam(defaultValue = "") String revision,
            @RequestParam(defaultValue = "") String kind) {
        return Sent.answer(
                () -> {
                    if (!List.of("TO_REVIEW", "BACK").contains(kind)) {
                        throw new FormProblem("kind", "Hand it in or take it back.");
                    }
                    papers.step(staff, paperId, number(revision), kind);
                    return TO + paperId;
                },
                problems -> paper(staff, paperId));
    }

    /** Signs what was shown; when it is not the same any more, it is shown again. */
    @PostMapping("/papers/{paperId}/signature")
    @PreAuthorize("hasAuthority('PUBLISH')")
    ModelAndView sign(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID paperId,
            @RequestParam(defaultValue = "") String shown,
            @RequestParam(defaultValue = "") String loosened,
            @RequestParam @Nullable String password,
            HttpSession session) {
        PaperRow row = papers.find(staff, paperId);
        return Sent.answer(
                () -> {
                    ReadPaper read = papers.read(row);
                    if (row.state() != PaperRow.State.IN_REVIEW
                            || !looked.open(read).isEmpty()) {
                        throw new FormProblem("shown", "It was not handed in as it stands: nothing was signed.");
                    }
                    CheckedPaper checked = looked.check(read);
                    if (!checked.hash().equals(shown)) {
                        throw new FormProblem(
                                "shown", "It is not what was shown any more. Read it again; nothing was signed.");
                    }
                    if (!papers.since(row).isEmpty()) {
                        throw new FormProblem(
                                "shown",
                                "What ships has changed since this was taken over. Look at it on the map first; nothing"
                                        + " was signed.");
                    }
                    requireRead(checked, loosened);
                    freshness.require(session, staff, password);
                    papers.publish(staff, checked);
                    return TO + paperId;
                },
                problems -> checked(row, session));
    }

    private static void requireRead(CheckedPaper checked, String ticked) {
        if (checked.isTooLong()) {
            throw new FormProblem("shown", "It changes more than can be read at once. Change less, in several steps.");
        }
        if (checked.isToBeTicked() && !ticked.equals("yes")) {
            throw new FormProblem(
                    "loosened",
                    "It may allow more than the protocol below. Read what was changed, tick that you did, and sign.");
        }
    }

    @PostMapping("/papers/{paperId}/withdrawal")
    @PreAuthorize("hasAuthority('PUBLISH')")
    ModelAndView withdraw(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID paperId,
            @RequestParam(defaultValue = "") String revision) {
        return Sent.answer(
                () -> {
                    papers.step(staff, paperId, number(revision), "WITHDRAWN");
                    return TO + paperId;
                },
                problems -> paper(staff, paperId));
    }

    private static int number(String revision) {
        return Entered.whole("revision", revision, MOST_REVISIONS).orElse(0);
    }
}
