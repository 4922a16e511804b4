package waypost.library.lint;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.anatomy.Half;
import waypost.core.body.Limb;
import waypost.core.demand.Demand;
import waypost.core.done.Carried;
import waypost.core.done.Done;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.library.bundle.Bundle;

/** What the limbs of each exercise's body carry, beside what its file says: where a file says less, for a clinician to read. */
final class BodyList {

    /** What the arithmetic may be off before it is told, in percent of body mass. */
    private static final double TOLD_FROM = 5;

    private final Bundle bundle;

    private BodyList(Bundle bundle) {
        this.bundle = bundle;
    }

    static List<String> of(Bundle bundle) {
        return new BodyList(bundle).lines().toList();
    }

    private Stream<String> lines() {
        return bundle.activities().stream()
                .filter(Activity.Exercise.class::isInstance)
                .map(Activity.Exercise.class::cast)
                .flatMap(exercise -> exercise.roles().stream().flatMap(role -> line(exercise, role).stream()));
    }

    private static Optional<String> line(Activity.Exercise exercise, Role role) {
        try {
            Carried carried = Carried.by(
                    Done.of(exercise.pose(), role, exercise.teaching().equipment()));
            List<String> less = Stream.of(Half.values())
                    .flatMap(half -> Stream.of(Limb.values()).flatMap(limb -> less(carried, role, half, limb).stream()))
                    .toList();
            return less.isEmpty() ? Optional.empty() : Optional.of(role.key() + ": " + String.join("; ", less));
        } catch (IllegalArgumentException unheld) {
            return Optional.of(role.key() + ": can't be held as it is said, " + unheld.getMessage());
        }
    }

    private static Optional<String> less(Carried carried, Role role, Half half, Limb limb) {
        double worked = carried.percent(half, limb);
        double said = half == Half.OPERATED ? said(role, limb) : 0;
        String name =
                (half == Half.OPERATED ? "operated " : "other ") + limb.name().toLowerCase(Locale.ROOT);
        return worked > said + TOLD_FROM
                ? Optional.of(String.format(
                        Locale.ROOT,
                        "%s carries %.0f %%, file says %s",
                        name,
                        worked,
                        said == 0 ? "nothing" : Math.round(said) + " %"))
                : Optional.empty();
    }

    private static double said(Role role, Limb limb) {
        return role.demands().stream()
                .filter(demand -> demand instanceof Demand.Bearing bearing && bearing.limb() == limb)
                .mapToDouble(demand -> ((Demand.Bearing) demand).share().percent())
                .max()
                .orElse(0);
    }
}
