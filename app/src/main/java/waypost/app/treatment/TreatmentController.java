package waypost.app.treatment;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.course.OpenCourse;
import waypost.app.entry.Sent;
import waypost.app.rack.Signs;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.followup.LimitedRange;
import waypost.core.measure.Measure;
import waypost.core.treatment.HandTreatment;
import waypost.core.treatment.Technique;
import waypost.library.words.TechniqueWords;

/** What hands do for what is limited, and what holds it. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class TreatmentController {

    private final CourseDoor door;
    private final HandTreatments treatments;

    TreatmentController(CourseDoor door, HandTreatments treatments) {
        this.door = door;
        this.treatments = treatments;
    }

    /** A choice of a list. */
    public record Choice(String value, String text) {}

    @GetMapping("/courses/{id}/treatment")
    ModelAndView treatment(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        return page(door.open(staff, id), TreatmentForm.blank(), Map.of());
    }

    @PostMapping("/courses/{id}/treatment")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView keep(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, @ModelAttribute TreatmentForm form) {
        return Sent.answer(
                () -> {
                    treatments.keep(staff, id, form);
                    return "redirect:/courses/" + id + "/treatment";
                },
                problems -> page(door.open(staff, id), form, problems));
    }

    private ModelAndView page(OpenCourse open, TreatmentForm form, Map<String, String> problems) {
        Standing standing = open.standing();
        return new ModelAndView("treatment/treatment")
                .addObject("head", open.head())
                .addObject("limited", TreatableRange.of(standing))
                .addObject("ranges", ranges(standing))
                .addObject(
                        "techniques",
                        Arrays.stream(Technique.values())
                                .map(each -> new Choice(each.name(), TechniqueWords.name(each)))
                                .toList())
                .addObject("holds", holds(standing))
                .addObject("treated", treatments.of(open))
                .addObject("form", form)
                .addObject("problems", problems);
    }

    /** What is limited first, then every other range of the region. */
    private static List<Choice> ranges(Standing standing) {
        Stream<Measure> limited = LimitedRange.of(standing).stream().map(LimitedRange::measure);
        Stream<Measure> others = standing.course().measures().stream()
                .filter(HandTreatment::isTreatable)
                .filter(measure -> standing.course()
                        .resolved()
                        .region()
                        .joints()
                        .contains(measure.motion().orElseThrow().joint()));
        return Stream.concat(limited, others)
                .filter(HandTreatment::isTreatable)
                .distinct()
                .map(measure -> new Choice(measure.id(), measure.title()))
                .toList();
    }

    /** What is open today and is for mobility. */
    private static List<Choice> holds(Standing standing) {
        Signs signs = new Signs(standing);
        return standing.verdicts().stream()
                .filter(verdict -> verdict.kind().isOpen())
                .filter(verdict -> signs.activity(verdict.role()) instanceof Activity.Exercise exercise
                        && exercise.purpose() == Purpose.MOBILITY
                        && standing.course().speaksOf(exercise))
                .map(verdict -> new Choice(verdict.role().toString(), signs.title(verdict.role())))
                .toList();
    }
}
