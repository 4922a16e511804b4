package waypost.app.runner;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.course.OpenCourse;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.runner.ShareTraining;

/** The operated leg's share of the weight, live, in what is done on both legs. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class ShareController {

    private static final Map<ShareTraining.Missing, String> WHY = Map.of(
            ShareTraining.Missing.NOTHING_OPEN, "Nothing that both legs carry is open today.",
            ShareTraining.Missing.WEIGHT_LIMITED,
                    "The operated leg may not carry all of the weight today: step on a scale with the share that is allowed.",
            ShareTraining.Missing.NO_MASS,
                    "The body's mass was not measured within sixty days. Weigh first: without it nobody tells a landing from a"
                            + " step.");

    private final CourseDoor door;

    ShareController(CourseDoor door) {
        this.door = door;
    }

    /** An exercise to choose. */
    record Choice(String role, String title, boolean chosen) {}

    @GetMapping("/courses/{id}/share")
    ModelAndView share(
            @AuthenticationPrincipal Staff staff, @PathVariable UUID id, @RequestParam(defaultValue = "") String role) {
        OpenCourse open = door.open(staff, id);
        ShareTraining.Found found = ShareTraining.of(open.standing());
        ModelAndView model = new ModelAndView("runner/share")
                .addObject("head", open.head())
                .addObject("side", open.standing().facts().side())
                .addObject("least", ShareTraining.LEAST_PERCENT)
                .addObject("most", ShareTraining.MOST_PERCENT)
                .addObject("measure", ShareTraining.MEASURE)
                .addObject("entryId", UUID.randomUUID())
                .addObject("why", found.missing().map(WHY::get).orElse(""))
                .addObject("s", null);
        if (!found.trainings().isEmpty()) {
            ShareTraining chosen = chosen(found.trainings(), role);
            model.addObject("s", chosen)
                    .addObject("title", title(open, chosen.role().key()))
                    .addObject(
                            "choices",
                            found.trainings().stream()
                                    .map(each -> new Choice(
                                            each.role().key().toString(),
                                            title(open, each.role().key()),
                                            each.equals(chosen)))
                                    .toList());
        }
        return model;
    }

    private static ShareTraining chosen(List<ShareTraining> trainings, String role) {
        return trainings.stream()
                .filter(each -> each.role().key().toString().equals(role))
                .findFirst()
                .orElse(trainings.get(0));
    }

    private static String title(OpenCourse open, RoleKey role) {
        return open.course()
                .bundle()
                .findActivity(role.activity())
                .map(Activity::title)
                .orElse(role.activity());
    }
}
