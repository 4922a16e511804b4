package waypost.app.paper;

import java.util.List;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.Sent;
import waypost.library.paper.Nearness;

/** Which protocol a paper comes nearest to, found from its lines; a part of its page. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class NearestController {

    private static final int MOST_SHOWN = 4;

    private final Papers papers;
    private final CheckedPapers looked;
    private final TakenPapers taken;

    NearestController(Papers papers, CheckedPapers looked, TakenPapers taken) {
        this.papers = papers;
        this.looked = looked;
        this.taken = taken;
    }

    @GetMapping("/papers/{paperId}/nearest")
    ModelAndView nearest(@AuthenticationPrincipal Staff staff, @PathVariable UUID paperId) {
        PaperRow row = papers.find(staff, paperId);
        List<Nearness> all = looked.nearest(papers.read(row));
        return new ModelAndView("paper/nearest :: nearest")
                .addObject("row", row)
                .addObject("entryId", UUID.randomUUID())
                .addObject("all", all.stream().limit(MOST_SHOWN).toList())
                .addObject("besides", Math.max(0, all.size() - MOST_SHOWN));
    }

    /** Begins the same lines over another protocol. Sent twice, it is begun once. */
    @PostMapping("/papers/{paperId}/nearest")
    @PreAuthorize("hasAuthority('REFER')")
    ModelAndView over(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID paperId,
            @RequestParam(defaultValue = "") String entryId,
            @RequestParam(defaultValue = "") String base) {
        return Sent.answer(
                () -> "redirect:/papers/" + taken.takeOver(staff, Entered.id("entryId", entryId), paperId, base),
                problems -> nearest(staff, paperId).addObject("problems", problems));
    }
}
