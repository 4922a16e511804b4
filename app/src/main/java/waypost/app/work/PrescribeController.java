package waypost.app.work;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseHeads;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.prescription.Prescribing;
import waypost.app.prescription.PrescriptionForm;
import waypost.app.prescription.Written;
import waypost.app.store.NotFoundException;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.Nudge;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.Since;

/** Changes the dose of an exercise: a small change with one tap, or everything that a prescription says. */
@Controller
@PreAuthorize("hasAuthority('HOLD')")
class PrescribeController {

    private final VisitDays days;
    private final Prescribing prescribing;
    private final CourseHeads heads;

    PrescribeController(VisitDays days, Prescribing prescribing, CourseHeads heads) {
        this.days = days;
        this.prescribing = prescribing;
        this.heads = heads;
    }

    /** The fields, from today's dose, the last one done or the library's. */
    @GetMapping("/courses/{id}/prescription")
    ModelAndView fields(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String role,
            @RequestParam(defaultValue = "TODAY") String start,
            @RequestHeader(name = "HX-Request", required = false) @Nullable String htmx) {
        PrescribePanels panels = panels(staff, id, role);
        PrescribePanels.Start from = Entered.choice(PrescribePanels.Start.class, "start", start);
        return view(id, panels, panels.panel(from), htmx != null, Map.of());
    }

    /** What the gate says of the fields as they are. */
    @GetMapping("/courses/{id}/prescription/judged")
    ModelAndView judged(
            @AuthenticationPrincipal Staff staff, @PathVariable UUID id, @ModelAttribute PrescriptionForm form) {
        PrescribePanels panels = panels(staff, id, Entered.text(form.role()));
        PrescribePanel.Judged judged;
        try {
            judged = panels.judged(wanted(panels, form).dose());
        } catch (FormProblem problem) {
            judged = new PrescribePanel.Judged(false, String.valueOf(problem.getMessage()));
        }
        return new ModelAndView("work/prescribe :: judged").addObject("judged", judged);
    }

    @PostMapping("/courses/{id}/prescriptions")
    ModelAndView write(
            @AuthenticationPrincipal Staff staff, @PathVariable UUID id, @ModelAttribute PrescriptionForm form) {
        PrescribePanels panels = panels(staff, id, Entered.text(form.role()));
        Prescription shown = panels.from(PrescribePanels.Start.TODAY);
        try {
            shown = wanted(panels, form);
            DayOfVisit day = panels.day();
            prescribing.write(staff, id, form.readId(), form.readSeen(), shown, day.visit(), day.words());
            return WorkPages.at(id, panels.role());
        } catch (FormProblem problem) {
            ModelAndView page =
                    view(id, panels, panels.panel(shown, Optional.empty(), form.typed()), false, problem.byField());
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
            return page;
        }
    }

    /** Back to the library's dose. */
    @PostMapping("/courses/{id}/prescriptions/end")
    ModelAndView end(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String entryId,
            @RequestParam(defaultValue = "") String role,
            @RequestParam(defaultValue = "") String seen) {
        PrescribePanels panels = panels(staff, id, role);
        try {
            UUID entry = Entered.id("entryId", entryId);
            Optional<Written> standing =
                    panels.standing().filter(written -> written.id().toString().equals(seen));
            prescribing.end(
                    staff,
                    id,
                    entry,
                    standing.orElseThrow(
                            () -> new FormProblem(
                                    "dose",
                                    "The dose of this exercise was changed since this page was shown. Look at it as it stands now.")));
            return WorkPages.at(id, panels.role());
        } catch (FormProblem problem) {
            ModelAndView page = view(id, panels, panels.panel(PrescribePanels.Start.TODAY), false, problem.byField());
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
            return page;
        }
    }

    /** What is typed, or today's dose with one small change. */
    private static Prescription wanted(PrescribePanels panels, PrescriptionForm form) {
        Prescription today = panels.from(PrescribePanels.Start.TODAY);
        Optional<Nudge> nudge = form.readNudge();
        if (nudge.isEmpty()) {
            return form.read(
                    panels.exercise(),
                    panels.role(),
                    today.dose(),
                    new Since(panels.day().date(), 0));
        }
        return nudge.get()
                .of(today.dose())
                .map(dose -> today.dosed(dose, today.since()))
                .orElseThrow(() -> new FormProblem("dose", "It can't be changed so. Write the dose below."));
    }

    private PrescribePanels panels(Staff staff, UUID id, String role) {
        DayOfVisit day = days.today(staff, id);
        RoleKey key = SetForm.role(role);
        if (!day.signs().knows(key) || !(day.signs().activity(key) instanceof Activity.Exercise)) {
            throw new NotFoundException();
        }
        return new PrescribePanels(day, key);
    }

    private ModelAndView view(
            UUID id, PrescribePanels panels, PrescribePanel panel, boolean part, Map<String, String> problems) {
        DayOfVisit day = panels.day();
        return new ModelAndView(part ? "work/prescribe :: panel" : "work/prescribe")
                .addObject("head", heads.head(day.course(), day.standing(), day.date()))
                .addObject("courseId", id)
                .addObject("p", panel)
                .addObject("problems", problems);
    }
}
