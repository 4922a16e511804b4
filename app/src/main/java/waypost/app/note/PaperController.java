package waypost.app.note;

import java.io.IOException;
import java.util.Map;
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
import waypost.app.course.CourseHeads;
import waypost.app.store.NotFoundException;
import waypost.app.work.DayOfVisit;
import waypost.app.work.VisitDays;

/** What goes on paper at the end of a visit: the note. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class PaperController {

    private final VisitDays days;
    private final Notes notes;
    private final CourseHeads heads;
    private final ITemplateEngine templates;

    PaperController(VisitDays days, Notes notes, CourseHeads heads, ITemplateEngine templates) {
        this.days = days;
        this.notes = notes;
        this.heads = heads;
        this.templates = templates;
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
