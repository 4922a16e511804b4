package waypost.library.words;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;
import waypost.core.done.SpringPull;
import waypost.core.measure.Plain;
import waypost.core.strength.Force;
import waypost.core.strength.Spring;

/** Says which of a clinic's springs makes a dose that is told in kilograms. */
public final class SpringPullWords {

    private SpringPullWords() {}

    /**
     * "Spring ash: 6 N in each hand at the start, 18 N at the far end, 42 cm on; 2.0 and 7.4 N·m at the shoulder, for somebody of
     * 1.75 m."
     *
     * @param springs those of the clinic that are measured
     * @param dose the most that a hand may hold; only of kilograms anything is told
     */
    public static String say(SpringPull pull, List<Spring> springs, Load dose) {
        if (springs.isEmpty() || dose.unit() != LoadUnit.KILOGRAMS) {
            return "";
        }
        return pull.strongest(springs, Force.of(dose.amount(), Force.Unit.KILOGRAM_FORCE))
                .map(spring -> made(pull, spring))
                .orElseGet(() -> none(pull, springs, dose));
    }

    private static String made(SpringPull pull, Spring spring) {
        double start = pull.atStart(spring).orElseThrow().newtons();
        double end = pull.atEnd(spring).orElseThrow().newtons();
        return String.format(
                Locale.ROOT,
                "Spring %s: %.0f N in each hand at the start, %.0f N at the far end, %.0f cm on; %.1f and %.1f N·m at the %s,"
                        + " for somebody of 1.75 m.",
                spring.name(),
                start,
                end,
                pull.travelMetres() * 100,
                Math.abs(start * pull.startArmMetres()),
                Math.abs(end * pull.endArmMetres()),
                Terms.joint(pull.movement().motion()));
    }

    private static String none(SpringPull pull, List<Spring> springs, Load dose) {
        Optional<Double> least = springs.stream()
                .flatMap(spring -> pull.atEnd(spring).stream())
                .map(force -> force.in(Force.Unit.KILOGRAM_FORCE))
                .min(Comparator.naturalOrder());
        String asked = Plain.number(dose.amount()) + " kg in each hand";
        return least.map(kilograms -> String.format(
                        Locale.ROOT,
                        "No spring of the clinic stays within %s: the lightest comes to %.1f kg at the far end, %.0f cm on."
                                + " Stop sooner.",
                        asked,
                        kilograms,
                        pull.travelMetres() * 100))
                .orElseGet(() -> String.format(
                        Locale.ROOT,
                        "The carriage goes %.0f cm; nobody has measured a spring of the clinic so far.",
                        pull.travelMetres() * 100));
    }
}
