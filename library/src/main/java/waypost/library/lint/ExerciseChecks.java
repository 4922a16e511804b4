package waypost.library.lint;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.Pressed;
import waypost.core.done.Done;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.measure.Plain;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.Word;

/** Rungs that ask no more than the rung below, exercises with equal demands, words used twice, what walks unsaid, and what presses unsaid. */
record ExerciseChecks(Bundle bundle, Places places) {

    Stream<Finding> findings() {
        return Stream.of(rungs(), equals(), words(), passing(), pressed()).flatMap(found -> found);
    }

    private List<Activity.Exercise> exercises() {
        return bundle.activities().stream()
                .filter(Activity.Exercise.class::isInstance)
                .map(Activity.Exercise.class::cast)
                .toList();
    }

    private Stream<Finding> rungs() {
        Map<String, Activity.Exercise> below = new HashMap<>();
        List<Finding> found = new ArrayList<>();
        for (Activity.Exercise rung : exercises()) {
            Activity.Exercise lower = below.put(rung.ladder(), rung);
            if (lower != null && rung.rises().of(rung) <= rung.rises().of(lower)) {
                found.add(places.activity(
                        Check.NO_RISE,
                        rung.id(),
                        "it names " + Word.of(rung.rises()) + " as what got harder, and asks "
                                + Plain.number(rung.rises().of(rung)) + " of it where " + lower.id() + " asks "
                                + Plain.number(rung.rises().of(lower)),
                        "Name what got harder, ask more of it, or move the rung"));
            }
        }
        return found.stream();
    }

    private Stream<Finding> equals() {
        Map<Set<List<Demand>>, String> seen = new HashMap<>();
        List<Finding> found = new ArrayList<>();
        for (Activity.Exercise exercise : exercises()) {
            Set<List<Demand>> demands = new HashSet<>();
            exercise.roles().forEach(role -> demands.add(role.demands()));
            String earlier = seen.putIfAbsent(demands, exercise.id());
            if (earlier != null) {
                found.add(places.activity(
                        Check.EQUAL_DEMANDS,
                        exercise.id(),
                        "it asks just what " + earlier + " asks",
                        "Say what is different in what they ask, or keep one of them"));
            }
        }
        return found.stream();
    }

    /** Titles, descriptions and cues are each exercise's own: a patient who reads two must be able to tell them apart. */
    private Stream<Finding> words() {
        Map<String, String> seen = new HashMap<>();
        List<Finding> found = new ArrayList<>();
        for (Activity activity : bundle.activities()) {
            twice("title", activity.title(), activity, seen).ifPresent(found::add);
            if (activity instanceof Activity.Exercise exercise) {
                twice("description", exercise.harder(), activity, seen).ifPresent(found::add);
                exercise.teaching()
                        .cues()
                        .forEach(cue -> twice("cue", cue, activity, seen).ifPresent(found::add));
                because(exercise)
                        .forEach(
                                words -> twice("because", words, activity, seen).ifPresent(found::add));
            }
        }
        return found.stream();
    }

    private static Stream<String> because(Activity.Exercise exercise) {
        return exercise.roles().stream()
                .flatMap(role -> exercise.pose(role).because().stream())
                .distinct();
    }

    /** A body that holds still can't tell what an ankle does in walking and landing; in a boot it does nothing. */
    private Stream<Finding> passing() {
        return bundle.activities().stream()
                .filter(activity -> !activity.equipment().contains("boot"))
                .filter(activity -> activity.roles().stream()
                        .anyMatch(role -> Done.of(activity, role).inPassing() && !bendsTheAnkle(role)))
                .map(activity -> places.activity(
                        Check.PASSING_UNSAID,
                        activity.id(),
                        "it walks or lands and doesn't say what the ankle does",
                        "Say the ankle's motion"));
    }

    private static boolean bendsTheAnkle(Role role) {
        return role.demands().stream()
                .anyMatch(demand ->
                        demand instanceof Demand.Movement movement && movement.motion() == Motion.ANKLE_DORSIFLEXION);
    }

    /** A leg that swings against a load has it somewhere: at a band that is drawn, or beside a joint. */
    private Stream<Finding> pressed() {
        return bundle.activities().stream()
                .filter(activity -> activity.roles().stream()
                        .anyMatch(role -> swingsAgainstLoad(role)
                                && activity.pose(role).band().isEmpty()
                                && role.whole().demands().stream().noneMatch(Pressed.class::isInstance)))
                .map(activity -> places.activity(
                        Check.PRESSED_UNSAID,
                        activity.id(),
                        "a leg swings against a load and nothing says where it lies",
                        "Draw the band under 'done', or say beside which joint it is 'pressed'"));
    }

    private static boolean swingsAgainstLoad(Role role) {
        return role.demands().stream()
                .anyMatch(demand -> demand instanceof Demand.Movement movement
                        && movement.motion().joint().limb() == Limb.LEG
                        && movement.chain() == Chain.OPEN
                        && movement.mode() == Mode.RESISTED);
    }

    private Optional<Finding> twice(String kind, String words, Activity activity, Map<String, String> seen) {
        return Optional.ofNullable(seen.putIfAbsent(kind + " " + words, activity.id()))
                .map(earlier -> places.activity(
                        Check.WORDS_TWICE,
                        activity.id(),
                        "its " + kind + " \"" + words + "\" is also that of " + earlier,
                        "Find words of its own"));
    }
}
