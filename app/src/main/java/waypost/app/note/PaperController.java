package waypost.app.note;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.servlet.ModelAndView;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;
import waypost.app.account.Staff;
import waypost.app.checkin.CheckIns;
import waypost.app.course.CourseHeads;
import waypost.app.figure.Figure;
import waypost.app.figure.Figures;
import waypost.app.rack.Signs;
import waypost.app.store.NotFoundException;
import waypost.app.work.DayOfVisit;
import waypost.app.work.VisitDays;
import waypost.core.body.Side;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.safety.Tier;
import waypost.library.words.PrecautionWords;

/** What goes on paper at the end of a visit: the note, and the list for home. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class PaperController {

    private final VisitDays days;
    private final Notes notes;
    private final CheckIns checkIns;
    private final CourseHeads heads;
    private final ITemplateEngine templates;

    PaperController(VisitDays days, Notes notes, CheckIns checkIns, CourseHeads heads, ITemplateEngine templates) {
        this.days = days;
        this.notes = notes;
        this.checkIns = checkIns;
        this.heads = heads;
        this.templates = templates;
    }

    /** An exercise of the list for home as it is printed. */
    public record HomeLine(
            String title, String dose, String often, Optional<Figure> figure, List<String> cues, List<String> stop) {}

    @GetMapping("/courses/{id}/home/print")
    ModelAndView home(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        DayOfVisit day = days.today(staff, id);
        List<HomeItem> items = notes.home(id);
        return new ModelAndView("note/home-print")
                .addObject("head", heads.head(day.course(), day.standing(), day.date()))
                .addObject(
                        "lines",
                        items.stream().flatMap(item -> line(day, item).stream()).toList())
                .addObject(
                        "closed",
                        items.stream()
                                .filter(item -> line(day, item).isEmpty())
                                .map(HomeItem::title)
                                .toList())
                .addObject(
                        "precautions",
                        day.standing().strictestPrecautions().stream()
                                .map(precaution -> day.bands().in(PrecautionWords.say(precaution)))
                                .toList())
                .addObject(
                        "ring",
                        checkIns.asked(day.course()).stream()
                                .filter(flag -> flag.tier() != Tier.HOLD_PROGRESS)
                                .toList())
                .addObject("surgeon", day.course().row().surgeon());
    }

    /** Only what is still open today is printed. */
    private static Optional<HomeLine> line(DayOfVisit day, HomeItem item) {
        RoleKey key = RoleKey.of(item.role());
        Signs signs = day.signs();
        if (!signs.knows(key) || !signs.verdict(key).kind().isOpen()) {
            return Optional.empty();
        }
        Activity.Exercise exercise = (Activity.Exercise) signs.activity(key);
        Verdict verdict = signs.verdict(key);
        Role role = verdict.reducedTo().orElse(signs.role(key));
        Figure figure = Figures.of(
                exercise,
                role,
                Optional.empty(),
                Side.valueOf(day.course().row().side()));
        return Optional.of(new HomeLine(
                item.title(),
                item.dose(),
                item.often(),
                Optional.of(figure),
                exercise.teaching().cues(),
                exercise.teaching().stop()));
    }

    @GetMapping("/courses/{id}/notes/{noteId}/print")
    ModelAndView note(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, @PathVariable UUID noteId) {
        return new ModelAndView("note/note-print", model(days.today(staff, id), kept(staff, id, noteId)));
    }

    /** The note as PDF, drawn from a page of its own. */
    @GetMapping("/courses/{id}/notes/{noteId}.pdf")
    ResponseEntity<byte[]> pdf(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, @PathVariable UUID noteId)
            throws IOException {
        DayOfVisit day = days.today(staff, id);
        Note note = kept(staff, id, noteId);
        String page = templates.process("note/note-pdf", new Context(null, model(day, note)));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("visit-" + note.visitedOn() + ".pdf")
                                .build()
                                .toString())
                .body(Paper.pdf(page));
    }

    private Note kept(Staff staff, UUID id, UUID noteId) {
        return notes.of(staff, id).stream()
                .filter(one -> one.id().equals(noteId))
                .findFirst()
                .orElseThrow(NotFoundException::new);
    }

    private Map<String, Object> model(DayOfVisit day, Note note) {
        return Map.of("note", note, "head", heads.head(day.course(), day.standing(), day.date()));
    }
}
