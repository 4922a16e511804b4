package waypost.library.bundle;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Ladder;
import waypost.core.limit.Limit;
import waypost.core.own.OwnExercise;
import waypost.core.own.OwnExercises;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Rules;

/** A bundle with a clinic's own exercises beside its own: each on a ladder of its own, opened where its model is. */
public final class ClinicBundle {

    private ClinicBundle() {}

    /**
     * The same bundle knowing a clinic's own exercises too. One whose model it has not, or has with less, is left out.
     *
     * @param mark tells this state of the clinic's exercises from every other
     */
    public static Bundle of(Bundle bundle, OwnExercises own, String mark) {
        Map<OwnExercise, Activity.Exercise> made = made(bundle, own);
        List<Activity> activities = new ArrayList<>(bundle.activities());
        List<Ladder> rungs = new ArrayList<>(bundle.ladders());
        made.forEach((each, model) -> {
            activities.add(each.of(model));
            rungs.add(new Ladder(each.id(), each.title(), strengthens(bundle, model)));
        });
        List<OwnExercise> offered =
                made.keySet().stream().filter(own::isOffered).toList();
        return new Bundle(
                bundle.hash() + "+" + mark,
                bundle.sources(),
                bundle.measures(),
                bundle.redFlags(),
                rungs,
                activities,
                bundle.sets(),
                bundle.shapes(),
                bundle.transfers(),
                bundle.batteries(),
                bundle.programs(),
                bundle.protocols().stream()
                        .map(protocol -> protocol.with(rules(protocol.rules(), offered, own.byModel())))
                        .toList(),
                own);
    }

    private static List<String> strengthens(Bundle bundle, Activity.Exercise model) {
        return bundle.ladders().stream()
                .filter(ladder -> ladder.id().equals(model.ladder()))
                .flatMap(ladder -> ladder.strengthens().stream())
                .toList();
    }

    /** Each with its model, in the order made. */
    private static Map<OwnExercise, Activity.Exercise> made(Bundle bundle, OwnExercises own) {
        Map<OwnExercise, Activity.Exercise> made = new LinkedHashMap<>();
        for (OwnExercise each : own.all()) {
            bundle.findActivity(each.model())
                    .filter(Activity.Exercise.class::isInstance)
                    .map(Activity.Exercise.class::cast)
                    .filter(model -> fits(each, model))
                    .ifPresent(model -> made.put(each, model));
        }
        return made;
    }

    /** A bundle of another day may ask less of the model than the own exercise was made from. */
    private static boolean fits(OwnExercise own, Activity.Exercise model) {
        try {
            own.of(model);
            return true;
        } catch (IllegalArgumentException asksMore) {
            return false;
        }
    }

    /** What is covered where its model is, and barred where its model is barred by name. */
    private static Rules rules(Rules rules, List<OwnExercise> offered, Map<String, Set<String>> made) {
        List<Opening> openings = offered.stream()
                .flatMap(own -> own.openings(rules.openings()).stream())
                .toList();
        List<Limit<?>> limits = new ArrayList<>();
        rules.limits().forEach(limit -> limits.add(limit.alsoOf(made)));
        return rules.alsoOpening(openings).with(limits);
    }
}
