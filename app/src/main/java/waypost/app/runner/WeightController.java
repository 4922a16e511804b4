package waypost.app.runner;

import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.course.OpenCourse;
import waypost.core.runner.WeightTraining;

/** Ten steps on a scale with the weight that the course allows today. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class WeightController {

    private static final Map<WeightTraining.Missing, String> WHY = Map.of(
            WeightTraining.Missing.NO_LIMIT,
                    "No limit on the weight of the operated leg is in force today: there is no share to train.",
            WeightTraining.Missing.NO_WEIGHT_AT_ALL,
                    "The operated leg takes no weight at all today: nothing is stepped. The foot stays off the floor.",
            WeightTraining.Missing.NO_MASS,
                    "The body's mass was not measured within sixty days. Weigh first: the share of an unknown mass is unknown.");

    private final CourseDoor door;

    WeightController(CourseDoor door) {
        this.door = door;
    }

    @GetMapping("/courses/{id}/weight")
    ModelAndView weight(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        OpenCourse open = door.open(staff, id);
        WeightTraining.Found found = WeightTraining.of(open.standing());
        return new ModelAndView("runner/weight")
                .addObject("head", open.head())
                .addObject("today", open.today())
                .addObject("entryId", UUID.randomUUID())
                .addObject("side", open.standing().facts().side().name())
                .addObject("operated", open.standing().facts().side().name().toLowerCase(Locale.ROOT))
                .addObject("why", found.missing().map(WHY::get).orElse(""))
                .addObject("w", found.training().map(WeightScale::of).orElse(null));
    }
}
