package waypost.app.rung;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import waypost.app.figure.Figure;
import waypost.app.figure.Figures;
import waypost.core.body.Side;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Dose;
import waypost.core.exercise.Role;
import waypost.library.words.PoseWords;
import waypost.library.words.Terms;

/**
 * How something is done, and taught, in words.
 *
 * @param exercise empty for a test, which is not taught
 */
record Teach(Activity activity, Optional<Activity.Exercise> exercise) {

    static Teach of(Activity activity) {
        return new Teach(
                activity, activity instanceof Activity.Exercise exercise ? Optional.of(exercise) : Optional.empty());
    }

    String setUp(Role role) {
        return PoseWords.say(activity, role);
    }

    Figure figure(Role role, Side side) {
        return Figures.of(activity, role, Optional.empty(), side);
    }

    String dose() {
        return exercise.map(Activity.Exercise::dose).map(Teach::said).orElse("");
    }

    private static String said(Dose dose) {
        String tempo = dose.tempo().map(t -> " · tempo " + t).orElse("");
        return dose.sets() + " × " + dose.aim() + tempo + " · " + dose.frequency();
    }

    String progression() {
        return exercise.map(one -> Terms.progression(one.progression())).orElse("");
    }

    String purpose() {
        return exercise.map(one -> one.purpose().name().toLowerCase(Locale.ROOT))
                .orElse("test");
    }

    String harder() {
        return exercise.map(Activity.Exercise::harder).orElse("");
    }

    List<String> words(Function<Activity.Exercise, List<String>> which) {
        return exercise.map(which).orElse(List.of());
    }
}
