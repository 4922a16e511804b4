package waypost.app.week;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.util.UriComponentsBuilder;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.entry.Sent;
import waypost.app.plan.Placements;
import waypost.app.work.DayOfVisit;
import waypost.app.work.VisitDays;

/** A week of a course, looked at and laid out by weekdays. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class WeekController {

    private final VisitDays days;
    private final Placements placements;
    private final WeekPages pages;

    WeekController(VisitDays days, Placements placements, WeekPages pages) {
        this.days = days;
        this.placements = placements;
        this.pages = pages;
    }

    @GetMapping("/courses/{id}/week")
    ModelAndView week(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, @RequestParam @Nullable String of) {
        return page(days.today(staff, id), of, Map.of());
    }

    @PostMapping("/courses/{id}/week")
    @PreAuthorize("hasAuthority('HOLD')")
    ModelAndView place(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, @ModelAttribute PlaceForm form) {
        DayOfVisit day = days.today(staff, id);
        return Sent.answer(
                () -> {
                    placements.place(staff, id, day.standing(), form.read());
                    return at(id, form.of());
                },
                problems -> page(day, form.of(), problems));
    }

    /** Every exercise that nobody placed comes where its dose wants it. */
    @PostMapping("/courses/{id}/week/spread")
    @PreAuthorize("hasAuthority('HOLD')")
    ModelAndView spread(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String changeId,
            @RequestParam(defaultValue = "") String of,
            @RequestParam(defaultValue = "") String block) {
        DayOfVisit day = days.today(staff, id);
        return Sent.answer(
                () -> {
                    placements.spread(
                            staff,
                            id,
                            day.standing(),
                            Entered.id("changeId", changeId),
                            PlaceForm.block(block),
                            WeekPages.doses(day));
                    return at(id, of);
                },
                problems -> page(day, of, problems));
    }

    private static String at(UUID id, @Nullable String of) {
        return "redirect:"
                + UriComponentsBuilder.fromPath("/courses/" + id + "/week")
                        .queryParam("of", "{of}")
                        .build(Entered.text(of));
    }

    /** The week of a date that was asked for; today's where none was, or what was can't be read. */
    private ModelAndView page(DayOfVisit day, @Nullable String of, Map<String, String> problems) {
        return new ModelAndView("week/week")
                .addObject("page", pages.page(day, date(of, day.date())))
                .addObject("problems", problems);
    }

    private static LocalDate date(@Nullable String of, LocalDate today) {
        try {
            return of == null || of.isBlank() ? today : Entered.date("of", of);
        } catch (FormProblem unreadable) {
            return today;
        }
    }
}
