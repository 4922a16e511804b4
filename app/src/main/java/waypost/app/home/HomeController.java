package waypost.app.home;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.entry.Sent;
import waypost.app.work.DayOfVisit;
import waypost.app.work.VisitDays;

/** The program for home: written on a page, and on paper for the patient. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class HomeController {

    private final VisitDays days;
    private final HomePrograms programs;
    private final HomePages pages;
    private final PatientSheets sheets;

    HomeController(VisitDays days, HomePrograms programs, HomePages pages, PatientSheets sheets) {
        this.days = days;
        this.programs = programs;
        this.pages = pages;
        this.sheets = sheets;
    }

    @GetMapping("/courses/{id}/home")
    ModelAndView home(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        return page(days.today(staff, id), Optional.empty(), Map.of());
    }

    @PostMapping("/courses/{id}/home")
    @PreAuthorize("hasAuthority('HOLD')")
    ModelAndView write(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, @ModelAttribute HomeForm form) {
        DayOfVisit day = days.today(staff, id);
        return Sent.answer(
                () -> {
                    programs.write(staff, id, day.standing(), form);
                    return "redirect:/courses/" + id + "/home";
                },
                problems -> page(day, Optional.of(form), problems));
    }

    private ModelAndView page(DayOfVisit day, Optional<HomeForm> typed, Map<String, String> problems) {
        return new ModelAndView("home/home")
                .addObject(
                        "page", pages.page(day, programs.of(day.course().row().id()), typed))
                .addObject("problems", problems);
    }

    /** On one or two sheets of A4, to be printed. */
    @GetMapping("/courses/{id}/home/print")
    ModelAndView print(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        DayOfVisit day = days.today(staff, id);
        Optional<PatientSheet> sheet = programs.of(id).map(written -> sheets.of(day, written));
        return new ModelAndView("home/sheet")
                .addObject("patient", day.course().row().patientName())
                .addObject("courseId", id)
                .addObject("sheet", sheet);
    }
}
