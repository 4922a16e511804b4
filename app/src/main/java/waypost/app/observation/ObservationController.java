package waypost.app.observation;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.course.OpenCourse;
import waypost.app.entry.Sent;
import waypost.app.rack.Signs;
import waypost.core.body.Tissue;
import waypost.core.course.Standing;
import waypost.core.movement.Fault;
import waypost.core.movement.Grade;
import waypost.core.movement.Observation;
import waypost.core.movement.Seen;
import waypost.core.movement.Watched;
import waypost.core.movement.WorksAt;
import waypost.library.words.Dates;
import waypost.library.words.MovementWords;

/** Watching a raise, a squat, a step-down or the walk. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class ObservationController {

    private static final int IN_SIGHT = 3;

    private final CourseDoor door;
    private final Observations observations;

    ObservationController(CourseDoor door, Observations observations) {
        this.door = door;
        this.observations = observations;
    }

    /** A fault with what is chosen on each side; empty where nothing is yet. */
    public record Row(Fault fault, String says, String operated, String other) {}

    /**
     * A movement to watch.
     *
     * @param closed why nobody is asked for it today; empty where it may be watched
     */
    public record ToWatch(Watched movement, String title, String closed, List<Row> rows) {}

    /** What was watched, and for each fault what works at it. */
    public record Line(String day, String says, String words, List<String> worksAt, String by) {}

    @GetMapping("/courses/{id}/movement")
    ModelAndView movement(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        return page(door.open(staff, id), new ObservationForm(Map.of()), Map.of());
    }

    @PostMapping("/courses/{id}/movement")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView keep(
            @AuthenticationPrincipal Staff staff, @PathVariable UUID id, @RequestParam Map<String, String> fields) {
        ObservationForm form = new ObservationForm(fields);
        return Sent.answer(
                () -> {
                    observations.keep(staff, id, form);
                    return "redirect:/courses/" + id + "/movement";
                },
                problems -> page(door.open(staff, id), form, problems));
    }

    private ModelAndView page(OpenCourse open, ObservationForm form, Map<String, String> problems) {
        Standing standing = open.standing();
        Map<Tissue, String> worksAt = new EnumMap<>(Tissue.class);
        Signs signs = new Signs(standing);
        return new ModelAndView("observation/observation")
                .addObject("head", open.head())
                .addObject(
                        "watched",
                        Arrays.stream(Watched.values())
                                .filter(movement -> movement.concerns(
                                        standing.course().resolved().region()))
                                .map(movement -> toWatch(movement, form, standing))
                                .toList())
                .addObject("grades", Grade.values())
                .addObject(
                        "lines",
                        observations.of(open.course().row().id()).stream()
                                .map(kept -> line(
                                        kept,
                                        tissue -> worksAt.computeIfAbsent(tissue, of -> worksAt(of, signs, standing))))
                                .toList())
                .addObject("typed", form.fields())
                .addObject("problems", problems);
    }

    private static ToWatch toWatch(Watched movement, ObservationForm form, Standing standing) {
        boolean sent = form.field("movement").equals(movement.name());
        return new ToWatch(
                movement,
                MovementWords.name(movement),
                Observations.closed(movement, standing),
                movement.faults().stream()
                        .map(fault -> new Row(
                                fault,
                                MovementWords.name(fault),
                                chosen(form, sent, "operated-" + fault),
                                chosen(form, sent, "other-" + fault)))
                        .toList());
    }

    private static String chosen(ObservationForm form, boolean sent, String field) {
        return sent ? form.field(field) : "";
    }

    private static Line line(ObservationMapper.Kept kept, Function<Tissue, String> worksAt) {
        Observation observation = kept.observation();
        return new Line(
                Dates.say(kept.watchedOn()),
                MovementWords.say(observation),
                kept.words(),
                observation.faults().stream()
                        .map(Seen::fault)
                        .map(fault -> MovementWords.name(fault) + ": " + worksAt.apply(fault.pointsTo()))
                        .toList(),
                kept.by());
    }

    private static String worksAt(Tissue tissue, Signs signs, Standing standing) {
        String titles = WorksAt.open(tissue, standing).stream()
                .map(signs::title)
                .distinct()
                .limit(IN_SIGHT)
                .collect(Collectors.joining("; "));
        return titles.isEmpty() ? "nothing for it is open today" : titles;
    }
}
