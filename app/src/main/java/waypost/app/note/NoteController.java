package waypost.app.note;

import jakarta.servlet.http.HttpSession;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.PasswordFreshness;
import waypost.app.account.Permission;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.course.CourseHeads;
import waypost.app.course.OpenCourse;
import waypost.app.entry.FormProblem;
import waypost.app.entry.OutOfReach;
import waypost.app.store.NotFoundException;
import waypost.app.work.DayOfVisit;
import waypost.app.work.VisitDays;
import waypost.core.followup.VisitAdvice;
import waypost.library.words.AdviceWords;

/** The last post of a visit: wrap up. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class NoteController {

    private final VisitDays days;
    private final Notes notes;
    private final Drafts drafts;
    private final WrapUp wrapUp;
    private final CourseDoor door;
    private final PasswordFreshness freshness;

    NoteController(
            VisitDays days, Notes notes, Drafts drafts, WrapUp wrapUp, CourseDoor door, PasswordFreshness freshness) {
        this.days = days;
        this.notes = notes;
        this.drafts = drafts;
        this.wrapUp = wrapUp;
        this.door = door;
        this.freshness = freshness;
    }

    @GetMapping("/courses/{id}/wrap-up")
    ModelAndView wrapUp(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam @Nullable UUID amends,
            @RequestParam @Nullable LocalDate on,
            HttpSession session) {
        OpenCourse open = door.open(staff, id);
        LocalDate day = on == null ? open.today() : OutOfReach.check(on);
        return page(staff, id, session, day, Optional.ofNullable(amends), Map.of(), Optional.empty());
    }

    @PostMapping("/courses/{id}/wrap-up")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView write(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @ModelAttribute NoteForm form,
            HttpSession session) {
        try {
            if (staff.may(Permission.SIGN)) {
                freshness.require(session, staff, form.password());
            }
            wrapUp.write(staff, id, form);
            return new ModelAndView("redirect:/courses/" + id + "/wrap-up");
        } catch (FormProblem problem) {
            LocalDate day = day(staff, form);
            Optional<UUID> theirs = problem.byField().containsKey(Notes.WRITTEN_MEANWHILE)
                    ? notes.standing(staff, id, day).map(Note::id)
                    : Optional.empty();
            ModelAndView page = page(staff, id, session, day, theirs, problem.byField(), Optional.of(form));
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
            return page;
        }
    }

    private LocalDate day(Staff staff, NoteForm form) {
        try {
            return form.readVisitedOn().orElse(door.today(staff));
        } catch (FormProblem unreadable) {
            return door.today(staff);
        }
    }

    @PostMapping("/courses/{id}/notes/{noteId}/countersign")
    @PreAuthorize("hasAuthority('SIGN')")
    ModelAndView countersign(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @PathVariable UUID noteId,
            @RequestParam @Nullable String password,
            HttpSession session) {
        try {
            freshness.require(session, staff, password);
            notes.countersign(staff, days.today(staff, id).course().row().id(), noteId);
            return new ModelAndView("redirect:/courses/" + id + "/wrap-up");
        } catch (FormProblem problem) {
            ModelAndView page =
                    page(staff, id, session, door.today(staff), Optional.empty(), problem.byField(), Optional.empty());
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
            return page;
        }
    }

    /** A note as plain text. */
    @GetMapping("/courses/{id}/notes/{noteId}.txt")
    ResponseEntity<String> text(
            @AuthenticationPrincipal Staff staff, @PathVariable UUID id, @PathVariable UUID noteId) {
        DayOfVisit day = days.today(staff, id);
        Note note = notes.of(staff, id).stream()
                .filter(one -> one.id().equals(noteId))
                .findFirst()
                .orElseThrow(NotFoundException::new);
        String patient =
                day.course().row().patientName() + ", no. " + day.course().row().patientNumber();
        return ResponseEntity.ok()
                .contentType(new MediaType(MediaType.TEXT_PLAIN, StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("visit-" + note.visitedOn() + ".txt")
                                .build()
                                .toString())
                .body(note.text(patient, CourseHeads.operation(day.course())));
    }

    private ModelAndView page(
            Staff staff,
            UUID id,
            HttpSession session,
            LocalDate on,
            Optional<UUID> amends,
            Map<String, String> problems,
            Optional<NoteForm> typed) {
        DayOfVisit day = days.on(staff, id, on);
        List<Note> written = notes.of(staff, id);
        VisitAdvice advice = day.visit().advice();
        Optional<Note> amended = notes.amended(staff, id, amends.or(() -> typed.flatMap(NoteForm::readAmends)));
        Draft draft = amended.map(Draft::of).orElseGet(() -> drafts.of(day));
        return typed(typed, amended, day.visit().nextVisit())
                .addObject("head", door.open(staff, id).head(day.standing()))
                .addObject("parts", draft.parts())
                .addObject("shown", Notes.hash(draft))
                .addObject("noteId", UUID.randomUUID())
                .addObject("home", notes.home(day))
                .addObject("adviceTitle", AdviceWords.title(advice))
                .addObject("amended", amended)
                .addObject("notes", written)
                .addObject("today", day.date())
                .addObject(
                        "writtenToday",
                        written.stream().anyMatch(note -> note.visitedOn().equals(day.date())))
                .addObject("open", notes.open(id, day.date()))
                .addObject("maySign", staff.may(Permission.SIGN))
                .addObject("askPassword", freshness.mustAsk(session))
                .addObject("problems", problems);
    }

    /** The page with its fields as they were typed; else as they are in the note that is amended. */
    private static ModelAndView typed(Optional<NoteForm> typed, Optional<Note> amended, LocalDate next) {
        return new ModelAndView("note/wrap-up")
                .addObject(
                        "nextOn",
                        typed.map(form -> NoteForm.text(form.nextOn())).orElse(next.toString()))
                .addObject(
                        "ownWords",
                        typed.map(form -> NoteForm.text(form.ownWords()))
                                .orElse(amended.map(Note::ownWords).orElse("")))
                .addObject(
                        "response",
                        typed.map(form -> NoteForm.text(form.response()))
                                .orElse(amended.map(Note::response).orElse("")));
    }
}
