package waypost.app.own;

import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.Sent;
import waypost.app.store.Bundles;
import waypost.app.store.ClinicBundles;
import waypost.app.store.NotFoundException;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.own.OwnExercise;

/** The clinic's own exercises: looked at, made from one of the library's, retired. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class OwnExerciseController {

    private final Bundles bundles;
    private final ClinicBundles clinics;
    private final OwnExerciseKeeping keeping;

    OwnExerciseController(Bundles bundles, ClinicBundles clinics, OwnExerciseKeeping keeping) {
        this.bundles = bundles;
        this.clinics = clinics;
        this.keeping = keeping;
    }

    @GetMapping("/own-exercises")
    ModelAndView all(@AuthenticationPrincipal Staff staff) {
        return new ModelAndView("own/own-exercises")
                .addObject(
                        "exercises",
                        clinics.rows(staff.clinicId()).stream()
                                .map(row -> OwnExerciseLine.of(row, bundles.shipped()))
                                .toList());
    }

    /**
     * The form.
     *
     * @param course where it is meant for, if it was asked for from there
     */
    @GetMapping("/own-exercises/new")
    @PreAuthorize("hasAuthority('HOLD')")
    ModelAndView form(@RequestParam(defaultValue = "") String model, @RequestParam @Nullable UUID course) {
        Activity.Exercise exercise = exercise(model).orElseThrow(NotFoundException::new);
        return page(exercise, OwnExerciseForm.of(exercise), course, Map.of());
    }

    @PostMapping("/own-exercises")
    @PreAuthorize("hasAuthority('HOLD')")
    ModelAndView make(
            @AuthenticationPrincipal Staff staff,
            @ModelAttribute OwnExerciseForm form,
            @RequestParam @Nullable UUID course) {
        Activity.Exercise model = exercise(Entered.text(form.model())).orElseThrow(NotFoundException::new);
        return Sent.answer(
                () -> {
                    OwnExercise own = form.read(model);
                    keeping.make(staff, form.readId(), own);
                    RoleKey first = own.key(model.roles().get(0).key());
                    return course == null
                            ? "redirect:/own-exercises"
                            : "redirect:/courses/" + course + "?rung=" + first;
                },
                problems -> page(model, form, course, problems));
    }

    @PostMapping("/own-exercises/{id}/retire")
    @PreAuthorize("hasAuthority('HOLD')")
    String retire(@AuthenticationPrincipal Staff staff, @PathVariable String id) {
        keeping.retire(staff, id);
        return "redirect:/own-exercises";
    }

    private Optional<Activity.Exercise> exercise(String id) {
        return bundles.shipped()
                .findActivity(id)
                .filter(Activity.Exercise.class::isInstance)
                .map(Activity.Exercise.class::cast);
    }

    private static ModelAndView page(
            Activity.Exercise model, OwnExerciseForm form, @Nullable UUID course, Map<String, String> problems) {
        return new ModelAndView("own/own-exercise")
                .addObject("model", model)
                .addObject("arcs", OwnExerciseLine.arcs(model, form))
                .addObject("held", OwnExerciseLine.held(model))
                .addObject("chosen", form.setUp() == null ? List.of() : form.setUp())
                .addObject("form", form)
                .addObject("course", course)
                .addObject("problems", problems);
    }
}
