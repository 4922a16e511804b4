package waypost.app.desk;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.util.UriComponentsBuilder;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.entry.Sent;
import waypost.app.paper.PaperRevision;
import waypost.app.paper.Papers;
import waypost.library.desk.Post;
import waypost.library.desk.Turns;

/** The desk of a paper: looked at, and something done on it. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class DeskController {

    private static final int MOST_REVISIONS = 100_000;
    private static final int LAST_SHOWN = 12;

    private final Desks desks;
    private final Papers papers;

    DeskController(Desks desks, Papers papers) {
        this.desks = desks;
        this.papers = papers;
    }

    /**
     * The desk.
     *
     * @param at key of the post that is chosen
     * @param file whose text is shown beside it: "protocol" or the id of a part; none where it is blank
     */
    @GetMapping("/papers/{paperId}/desk")
    ModelAndView desk(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID paperId,
            @RequestParam(defaultValue = "") String at,
            @RequestParam(defaultValue = "") String file) {
        return page(staff, paperId, at, file);
    }

    private ModelAndView page(Staff staff, UUID paperId, String at, String file) {
        OpenDesk open = desks.open(staff, paperId);
        DeskLanes lanes = DeskLanes.of(open);
        List<PaperRevision> revisions = papers.revisions(staff, paperId);
        String shown = file.equals(DeskForm.PROTOCOL) || open.desk().files().contains(file) ? file : "";
        return new ModelAndView("desk/desk")
                .addObject("row", open.row())
                .addObject("open", open)
                .addObject("ruler", lanes.ruler())
                .addObject("lanes", lanes.all())
                .addObject("at", at)
                .addObject("chosen", chosen(open, at))
                .addObject("file", shown)
                .addObject("text", shown.isEmpty() ? "" : open.desk().text(DeskForm.file(shown)))
                .addObject("turns", turns(revisions))
                .addObject("done", last(revisions))
                .addObject("since", papers.since(open.row()))
                .addObject("parts", desks.parts(open))
                .addObject("toOpen", Palette.toOpen(open))
                .addObject("palette", Palette.ENTRIES)
                .addObject("ownMeasure", Palette.OWN_MEASURE)
                .addObject("problems", Map.of());
    }

    private static List<Post> chosen(OpenDesk open, String at) {
        if (at.isEmpty()) {
            return List.of();
        }
        try {
            return DeskLanes.together(open, open.desk().keyNow(at));
        } catch (IllegalArgumentException gone) {
            return List.of();
        }
    }

    private static Turns turns(List<PaperRevision> revisions) {
        return Turns.after(revisions.stream()
                .map(each -> new Turns.Revision(each.revision(), Optional.ofNullable(each.sameAs())))
                .toList());
    }

    /** The last revisions, newest first. */
    private static List<PaperRevision> last(List<PaperRevision> revisions) {
        return revisions.stream()
                .skip(Math.max(0, revisions.size() - LAST_SHOWN))
                .sorted((one, other) -> other.revision() - one.revision())
                .toList();
    }

    /**
     * Does something; what each act needs of the fields is in {@link DeskForm}.
     *
     * @param answered "at once" gives the desk as it is then; else its address
     */
    @PostMapping("/papers/{paperId}/desk")
    @PreAuthorize("hasAuthority('REFER')")
    ModelAndView act(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID paperId,
            @RequestParam(defaultValue = "") String revision,
            @RequestParam(defaultValue = "") String act,
            @RequestParam(defaultValue = "") String at,
            @RequestParam(defaultValue = "") String value,
            @RequestParam(defaultValue = "") String raised,
            @RequestParam(defaultValue = "") String from,
            @RequestParam(defaultValue = "") String file,
            @RequestParam(defaultValue = "") String answered) {
        DeskForm form = new DeskForm(act, at, value, raised, from, file);
        ModelAndView done = Sent.answer(
                () -> {
                    int number =
                            Entered.whole("revision", revision, MOST_REVISIONS).orElse(0);
                    if (act.equals("back") || act.equals("forth")) {
                        turn(staff, paperId, number, act);
                    } else if (act.equals("looked")) {
                        papers.looked(staff, paperId, number);
                    } else {
                        desks.act(staff, paperId, number, form.asked());
                    }
                    return "redirect:" + address(paperId, at, file);
                },
                problems -> again(page(staff, paperId, at, file), form));
        return answered.equals("at once") && done.getStatus() == null ? page(staff, paperId, at, file) : done;
    }

    /** What was typed stays. */
    private static ModelAndView again(ModelAndView page, DeskForm form) {
        return form.isText() ? page.addObject("text", form.value()) : page.addObject("typed", form);
    }

    private void turn(Staff staff, UUID paperId, int revision, String act) {
        Turns turns = turns(papers.revisions(staff, paperId));
        int to = (act.equals("back") ? turns.back() : turns.forth())
                .orElseThrow(() -> new FormProblem(
                        "desk", act.equals("back") ? "There is nothing to undo." : "There is nothing to do again."));
        papers.giveBack(staff, paperId, revision, to);
    }

    private static String address(UUID paperId, String at, String file) {
        UriComponentsBuilder address = UriComponentsBuilder.fromPath("/papers/{id}/desk");
        if (!at.isEmpty()) {
            address.queryParam("at", "{at}");
        }
        if (!file.isEmpty()) {
            address.queryParam("file", "{file}");
        }
        return address.encode()
                .buildAndExpand(Map.of("id", paperId, "at", at, "file", file))
                .toUriString();
    }

    /** What the protocol changes for somebody made up, on a day. */
    @GetMapping("/papers/{paperId}/desk/patient")
    ModelAndView patient(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID paperId,
            @RequestParam(defaultValue = "") String day,
            @RequestParam Map<String, String> answers) {
        OpenDesk open = desks.open(staff, paperId);
        return new ModelAndView("desk/patient :: patient")
                .addObject("row", open.row())
                .addObject("questions", open.protocol().questions())
                .addObject("patient", MadeUpPatient.of(open, day, answers));
    }

    /** What lint finds in it and not below. */
    @GetMapping("/papers/{paperId}/desk/found")
    ModelAndView found(@AuthenticationPrincipal Staff staff, @PathVariable UUID paperId) {
        return new ModelAndView("desk/found :: found")
                .addObject("row", papers.find(staff, paperId))
                .addObject("findings", desks.found(staff, paperId));
    }
}
