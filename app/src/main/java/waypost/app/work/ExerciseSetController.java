package waypost.app.work;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseHeads;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.rack.Sign;
import waypost.core.gate.Verdict;
import waypost.core.prescription.ExerciseSet;
import waypost.library.words.Words;

/** Sets of exercises: what of each is open today, putting one in, and saving the plan as one. */
@Controller
@PreAuthorize("hasAuthority('HOLD')")
class ExerciseSetController {

    private final VisitDays days;
    private final ExerciseSetCommands commands;
    private final CourseHeads heads;

    ExerciseSetController(VisitDays days, ExerciseSetCommands commands, CourseHeads heads) {
        this.days = days;
        this.commands = commands;
        this.heads = heads;
    }

    /**
     * A set as it would be put in today.
     *
     * @param open how many of its exercises are open today
     * @param missing how many of those are not in the plan yet
     */
    public record Shown(String id, String title, String says, List<Line> lines, long open, long missing) {}

    /** One exercise of a set; {@code why} is empty where it is open. */
    public record Line(Sign sign, String dose, boolean planned, String why) {}

    @GetMapping("/courses/{id}/exercise-sets")
    ModelAndView sets(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        return page(staff, id, Map.of());
    }

    @PostMapping("/courses/{id}/exercise-sets")
    ModelAndView putIn(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String entryId,
            @RequestParam(defaultValue = "") String set) {
        try {
            commands.putIn(staff, id, Entered.id("entryId", entryId), set);
            return new ModelAndView("redirect:/courses/" + id + "/work");
        } catch (FormProblem problem) {
            return refused(staff, id, problem);
        }
    }

    @PostMapping("/courses/{id}/exercise-sets/own")
    ModelAndView save(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String entryId,
            @RequestParam(defaultValue = "") String title) {
        try {
            commands.save(staff, id, Entered.id("entryId", entryId), title);
            return new ModelAndView("redirect:/courses/" + id + "/exercise-sets");
        } catch (FormProblem problem) {
            return refused(staff, id, problem);
        }
    }

    private ModelAndView refused(Staff staff, UUID id, FormProblem problem) {
        ModelAndView page = page(staff, id, problem.byField());
        page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        return page;
    }

    private ModelAndView page(Staff staff, UUID id, Map<String, String> problems) {
        DayOfVisit day = days.today(staff, id);
        return new ModelAndView("work/exercise-sets")
                .addObject("head", heads.head(day.course(), day.standing(), day.date()))
                .addObject(
                        "sets",
                        commands.sets(staff, day).stream()
                                .map(set -> shown(day, set))
                                .filter(set -> set.open() > 0)
                                .toList())
                .addObject("problems", problems);
    }

    private static Shown shown(DayOfVisit day, ExerciseSet set) {
        List<Line> lines = set.items().stream().map(item -> line(day, item)).toList();
        long open = lines.stream().filter(line -> line.why().isEmpty()).count();
        long missing = lines.stream()
                .filter(line -> line.why().isEmpty() && !line.planned())
                .count();
        return new Shown(set.id(), set.title(), set.says(), lines, open, missing);
    }

    private static Line line(DayOfVisit day, ExerciseSet.Item item) {
        Verdict verdict = day.standing().verdict(item.role());
        Words words = Words.of(day.standing().course().resolved());
        return new Line(
                day.signs().of(verdict),
                item.sets() + " × " + item.aim()
                        + item.often().map(often -> ", " + often).orElse(""),
                day.plan().roles().contains(item.role()),
                verdict.kind().isOpen() ? "" : day.bands().in(words.why(verdict)));
    }
}
