package waypost.app.shelf;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import waypost.app.figure.Figure;
import waypost.app.figure.Figures;
import waypost.app.store.Bundles;
import waypost.app.store.NotFoundException;
import waypost.core.body.Side;
import waypost.core.exercise.Activity;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolved;
import waypost.core.resolved.Resolver;
import waypost.library.bundle.Bundle;
import waypost.library.words.DifferenceWords;

/** An exercise or test of the library: how it is taught, its ladder, and from when each protocol covers it. */
@Controller
class ExerciseController {

    private static final LocalDate ANY = LocalDate.of(2031, 2, 10);

    private final Bundles bundles;

    ExerciseController(Bundles bundles) {
        this.bundles = bundles;
    }

    /** Where a protocol covers it: from the day written, while its questions are not answered. */
    record Covered(String protocol, String title, String role, String from) {}

    @GetMapping("/shelf/exercises/{id}")
    String exercise(@PathVariable String id, Model model) {
        Bundle bundle = bundles.shipped();
        Activity activity = bundle.findActivity(id).orElseThrow(NotFoundException::new);
        model.addAttribute("activity", activity);
        model.addAttribute("exercise", activity instanceof Activity.Exercise exercise ? exercise : null);
        model.addAttribute("figures", figures(activity));
        model.addAttribute("ladder", ladder(bundle, activity));
        model.addAttribute(
                "covered",
                bundle.protocols().stream()
                        .sorted(Comparator.comparing(Protocol::title))
                        .flatMap(protocol -> covered(protocol, activity))
                        .toList());
        return "shelf/exercise";
    }

    /** Each role as it is drawn for a right side. */
    private static List<Figure> figures(Activity activity) {
        return activity.roles().stream()
                .map(role -> Figures.of(activity, role, Optional.empty(), Side.RIGHT))
                .toList();
    }

    private static Stream<Covered> covered(Protocol protocol, Activity activity) {
        Resolved resolved = Resolver.resolve(protocol, Answers.NONE, ANY);
        return activity.roles().stream()
                .filter(role -> resolved.openings().containsKey(role.key()))
                .map(role -> new Covered(
                        protocol.id(),
                        protocol.title(),
                        activity.roles().size() > 1 ? role.title() : "",
                        Objects.requireNonNull(resolved.openings().get(role.key()))
                                .writtenFrom(ANY)
                                .map(day -> DifferenceWords.opens(Optional.of(day)))
                                .orElse("goes by answers that are not given")));
    }

    private static List<Activity.Exercise> ladder(Bundle bundle, Activity activity) {
        return activity instanceof Activity.Exercise exercise
                ? bundle.activities().stream()
                        .filter(Activity.Exercise.class::isInstance)
                        .map(Activity.Exercise.class::cast)
                        .filter(other -> other.ladder().equals(exercise.ladder()))
                        .sorted(Comparator.comparingInt(Activity.Exercise::rung))
                        .toList()
                : List.of();
    }
}
