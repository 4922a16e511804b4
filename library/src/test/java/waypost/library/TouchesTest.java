package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import waypost.core.anatomy.Build;
import waypost.core.anatomy.Contact;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Placing;
import waypost.core.anatomy.Skeleton;
import waypost.core.anatomy.Spot;
import waypost.core.anatomy.Stance;
import waypost.core.anatomy.Surface;
import waypost.core.body.Motion;
import waypost.core.done.Done;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;

/** In every exercise, at both ends of the movement, what should touch touches, nothing floats and nothing crosses the floor. */
class TouchesTest {

    /** 2 % of stature, in metres. */
    private static final double OFF = 0.02 * Build.MIDDLING.statureMetres();

    /** Where a body of rigid pieces, its trunk one of them, is off by more: by at most a tenth of a metre. */
    private static final Set<String> ROUNDED = Set.of(
            "knee-to-wall/operated",
            "rock-back/operated",
            "hip-front-stretch/operated",
            "kneeling-sit-back/both",
            "reach-knees/operated",
            "reach-turn-knees/operated");

    private static final double ROUNDED_OFF = 0.1;

    @Test
    void whatShouldTouchTouchesAndNothingCrossesTheFloor() {
        List<String> off = new ArrayList<>();
        for (Activity activity : Shipped.BUNDLE.activities()) {
            if (activity instanceof Activity.Exercise exercise) {
                exercise.roles()
                        .forEach(role -> Done.of(exercise, role).ends().stream()
                                .flatMap(stance -> wrong(role, stance))
                                .forEach(off::add));
            }
        }

        assertThat(off).isEmpty();
    }

    private static Stream<String> wrong(Role role, Stance stance) {
        Skeleton body = new Placing(Build.MIDDLING).place(stance);
        double most = ROUNDED.contains(role.key().toString()) ? ROUNDED_OFF : OFF;
        double misfit = Placing.misfit(body, stance);
        double lowest = Stream.of(Half.values())
                .flatMap(half -> Stream.of(Spot.HEEL, Spot.TOES, Spot.KNEE, Spot.PALM)
                        .map(spot -> body.spot(half, spot).getZ()))
                .min(Double::compare)
                .orElseThrow();
        double floats = stance.level().stream()
                .mapToDouble(
                        contact -> body.spot(contact.half(), contact.spot()).getZ() - height(contact))
                .min()
                .orElse(0);
        return Stream.of(
                        say(role, "off what it should touch", misfit, most),
                        say(role, "under the floor", -lowest, most),
                        say(role, "floating", floats, most))
                .flatMap(found -> found);
    }

    private static double height(Contact contact) {
        return ((Surface.Level) contact.surface()).heightMetres();
    }

    private static Stream<String> say(Role role, String what, double metres, double most) {
        return metres > most
                ? Stream.of(String.format(Locale.ROOT, "%s: %.3f m %s", role.key(), metres, what))
                : Stream.empty();
    }

    /** Whoever is on hands is on both unless it says so: the arms of a push-up bend alike. */
    @Test
    void bothArmsOfAPushUpBend() {
        Activity.Exercise pushUp =
                (Activity.Exercise) Shipped.BUNDLE.findActivity("push-up").orElseThrow();
        Done done = Done.of(pushUp, pushUp.roles().get(0));

        assertThat(Arrays.stream(Half.values())
                        .map(half -> done.start().angles().at(half, Motion.ELBOW_FLEXION)))
                .containsOnly(90.0);
    }
}
