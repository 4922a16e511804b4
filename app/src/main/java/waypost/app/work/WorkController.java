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
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.plan.PlanChange;
import waypost.app.plan.Plans;
import waypost.core.exercise.RoleKey;

/** The third post of a visit: work. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class WorkController {

    private final VisitDays days;
    private final WorkPages pages;
    private final WorkCommands commands;
    private final SetEntry entry;
    private final Plans plans;

    WorkController(VisitDays days, WorkPages pages, WorkCommands commands, SetEntry entry, Plans plans) {
        this.days = days;
        this.pages = pages;
        this.commands = commands;
        this.entry = entry;
        this.plans = plans;
    }

    /** A visit goes on where it stands: at the check-in, or at the work. */
    @GetMapping("/courses/{id}/visit")
    String visit(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        return "redirect:/courses/" + id + (days.today(staff, id).said().isPresent() ? "/work" : "/check-in");
    }

    @GetMapping("/courses/{id}/work")
    ModelAndView work(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam @Nullable String role,
            @RequestParam(defaultValue = "false") boolean stay) {
        return page(staff, id, role(role), stay, Map.of());
    }

    @PostMapping("/courses/{id}/sets")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView keep(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @ModelAttribute SetForm form,
            @RequestHeader(name = "HX-Request", required = false) @Nullable String htmx) {
        try {
            WorkCommands.Kept kept = commands.keep(staff, id, form);
            return htmx == null
                    ? WorkPages.at(id, kept.planned())
                    : card(staff, id, kept.planned(), kept.done(), Map.of());
        } catch (FormProblem problem) {
            return refused(staff, id, role(form.role()), form.readInPlaceOf(), htmx, problem);
        }
    }

    /** What was typed is refused with its reason, on the card that it came from. */
    private ModelAndView refused(
            Staff staff,
            UUID id,
            Optional<RoleKey> done,
            Optional<RoleKey> inPlaceOf,
            @Nullable String htmx,
            FormProblem problem) {
        Optional<RoleKey> planned = inPlaceOf.or(() -> done);
        ModelAndView page = htmx == null || done.isEmpty()
                ? page(staff, id, planned, false, problem.byField())
                : card(staff, id, planned.orElseThrow(), done.get(), problem.byField());
        page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        return page;
    }

    @PostMapping("/courses/{id}/sets/{setId}/withdraw")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView withdraw(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @PathVariable UUID setId,
            @RequestParam(defaultValue = "") String role,
            @RequestHeader(name = "HX-Request", required = false) @Nullable String htmx) {
        entry.withdraw(staff, id, setId);
        Optional<RoleKey> planned = role(role);
        return htmx == null || planned.isEmpty()
                ? new ModelAndView("redirect:/courses/" + id + "/work")
                : card(staff, id, planned.get(), planned.get(), Map.of());
    }

    @PostMapping("/courses/{id}/stops")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView stop(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String entryId,
            @RequestParam(defaultValue = "") String role,
            @RequestParam(defaultValue = "") String inPlaceOf,
            @RequestParam(defaultValue = "") String why,
            @RequestHeader(name = "HX-Request", required = false) @Nullable String htmx) {
        Optional<RoleKey> planned = role(inPlaceOf).or(() -> role(role));
        try {
            RoleKey stopped = entry.stop(staff, id, entryId, role, why);
            return htmx == null
                    ? WorkPages.at(id, planned.orElse(stopped))
                    : card(staff, id, planned.orElse(stopped), stopped, Map.of());
        } catch (FormProblem problem) {
            return refused(staff, id, role(role), planned, htmx, problem);
        }
    }

    @PostMapping("/courses/{id}/plan/changes")
    @PreAuthorize("hasAnyAuthority('RECORD', 'HOLD')")
    ModelAndView change(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String changeId,
            @RequestParam(defaultValue = "") String kind,
            @RequestParam(defaultValue = "") String role,
            @RequestParam @Nullable String inPlaceOf) {
        try {
            RoleKey key = role(role).orElseThrow(() -> new FormProblem("role", "Choose an exercise first."));
            PlanChange change = new PlanChange(
                    Entered.id("changeId", changeId),
                    Entered.choice(PlanChange.Kind.class, "kind", kind),
                    key.toString(),
                    role(inPlaceOf).map(RoleKey::toString).orElse(null),
                    "");
            plans.change(staff, id, days.today(staff, id).standing(), change);
            return change.kind() == PlanChange.Kind.REMOVE
                    ? new ModelAndView("redirect:/courses/" + id + "/work")
                    : WorkPages.at(id, key);
        } catch (FormProblem problem) {
            ModelAndView page = page(staff, id, role(inPlaceOf), false, problem.byField());
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
            return page;
        }
    }

    private static Optional<RoleKey> role(@Nullable String role) {
        try {
            return role == null || role.isBlank() ? Optional.empty() : Optional.of(RoleKey.of(role));
        } catch (IllegalArgumentException unreadable) {
            return Optional.empty();
        }
    }

    private ModelAndView page(
            Staff staff, UUID id, Optional<RoleKey> role, boolean stay, Map<String, String> problems) {
        return new ModelAndView("work/work")
                .addObject("page", pages.page(days.today(staff, id), role, stay))
                .addObject("problems", problems);
    }

    private ModelAndView card(Staff staff, UUID id, RoleKey planned, RoleKey done, Map<String, String> problems) {
        DayOfVisit day = days.today(staff, id);
        boolean stay = done.equals(planned);
        return new ModelAndView("work/card")
                .addObject("courseId", id)
                .addObject("card", pages.card(day, planned, stay))
                .addObject("items", pages.items(day))
                .addObject("now", planned.toString())
                .addObject("problems", problems);
    }
}
