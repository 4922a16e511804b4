package waypost.app.range;

import java.util.List;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.course.OpenCourse;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.entry.Sent;
import waypost.library.words.RangeWords;

/** Leads through the range of a shoulder, one posture after the other. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class RangeController {

    private final CourseDoor door;
    private final RangeEntry entry;

    RangeController(CourseDoor door, RangeEntry entry) {
        this.door = door;
        this.entry = entry;
    }

    /** A box to tick. */
    public record Choice(String value, String text) {}

    @GetMapping("/courses/{id}/range")
    ModelAndView range(
            @AuthenticationPrincipal Staff staff, @PathVariable UUID id, @RequestParam(defaultValue = "") String at) {
        OpenCourse open = door.open(staff, id);
        return page(open, RangeLines.of(open.standing()), at, RangeForm.blank(), Map.of());
    }

    @PostMapping("/courses/{id}/range")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView keep(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String at,
            @ModelAttribute RangeForm form) {
        OpenCourse open = door.open(staff, id);
        RangeLines range = RangeLines.of(open.standing());
        return Sent.answer(
                () -> {
                    int nth = chosen(range, at)
                            .orElseThrow(() -> new FormProblem(
                                    "at", "Found no such posture: choose one of the list, nothing was kept."));
                    entry.keep(staff, open, range.asked().get(nth), form);
                    return "redirect:/courses/" + id + "/range?at=" + (nth + 1);
                },
                problems -> page(open, range, at, form, problems));
    }

    private static Optional<Integer> chosen(RangeLines range, String at) {
        return at.matches("\\d{1,2}")
                ? Optional.of(Integer.valueOf(at))
                        .filter(nth -> nth < range.asked().size())
                : Optional.empty();
    }

    private static ModelAndView page(
            OpenCourse open, RangeLines range, String at, RangeForm form, Map<String, String> problems) {
        List<RangeLines.Line> lines = range.lines();
        Optional<RangeLines.Line> chosen = chosen(range, at).map(lines::get);
        Optional<RangeLines.Line> here = at.isEmpty() || chosen.isPresent()
                ? chosen.filter(RangeLines.Line::open).or(() -> next(lines, chosen))
                : Optional.empty();
        return new ModelAndView("range/range")
                .addObject("head", open.head())
                .addObject("lines", lines)
                .addObject("here", here.orElse(null))
                .addObject("form", form)
                .addObject("entryId", Entered.text(form.entryId()))
                .addObject(
                        "helps",
                        RangeForm.choices().stream()
                                .map(each -> new Choice(each.name(), RangeWords.say(each)))
                                .toList())
                .addObject("problems", problems);
    }

    /** The first that is open, after the chosen one where there is one. */
    private static Optional<RangeLines.Line> next(List<RangeLines.Line> lines, Optional<RangeLines.Line> chosen) {
        int from = chosen.map(RangeLines.Line::at).orElse(0);
        return lines.stream().skip(from).filter(RangeLines.Line::open).findFirst();
    }
}
