package waypost.core.treatment;

import java.time.LocalDate;
import java.util.Optional;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.course.Standing;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.Unit;

/**
 * A range treated by hand, from where it stood to where the hands go.
 *
 * @param range a measure in degrees, of one end of one motion
 */
public record HandTreatment(Measure range, Technique technique, Amount from, Amount to) {

    private static final RoleKey BY_HAND = new RoleKey("by-hand", "treated");

    public HandTreatment {
        if (!isTreatable(range)) {
            throw new IllegalArgumentException(
                    "range: found '" + range.id() + "', allowed: a measure in degrees of one end of a motion");
        }
    }

    /** Whether hands can be laid at it: degrees at one end of one motion. */
    public static boolean isTreatable(Measure measure) {
        return measure.unit() == Unit.DEGREES
                && measure.motion().isPresent()
                && measure.end().isPresent();
    }

    /** What the gate says of it on this day; it opens nothing that the limits and what is open do not bear. */
    public Verdict judgedBy(Standing standing) {
        return standing.gate().judgeByHand(role());
    }

    /** How much further the joint goes afterwards, in degrees; negative when less far. */
    public double gained() {
        return range.gain(from, to);
    }

    /** Whether that is at least what can be told apart with one tool in one rater's hands. */
    public boolean isGain() {
        return gained() > 0 && gained() >= errorDegrees();
    }

    /** Less than this is no change: the error of one rater with the usual tool, in degrees. */
    public double errorDegrees() {
        return range.error().at(from.value());
    }

    /**
     * How much of the gain a later reading still finds, in percent of it, from 0 to 100; empty where nothing was gained
     * that can be told apart.
     */
    public Optional<Double> keptPercent(Amount later) {
        return isGain()
                ? Optional.of(Math.max(0, Math.min(100, 100 * range.gain(from, later) / gained())))
                : Optional.empty();
    }

    /**
     * The same by the first passive reading of a later day: on the day itself a joint is still warm. Empty where none was
     * taken.
     */
    public Optional<Double> keptPercent(Standing standing, LocalDate treatedOn) {
        return standing.sinceDayZero(range, Mode.PASSIVE).stream()
                .filter(reading -> reading.date().isAfter(treatedOn))
                .findFirst()
                .flatMap(reading -> keptPercent(reading.amount()));
    }

    /** What it asks of the limb, as a role of nothing in the library. */
    public Role role() {
        Motion motion = range.motion().orElseThrow();
        Direction toward = range.end().orElseThrow();
        return Role.of(BY_HAND, range.title(), technique.asks(motion, toward, arc(motion)), Reducible.NOTHING);
    }

    /** Between the two, never beyond what a living joint can do. */
    private Arc arc(Motion motion) {
        Degrees one = Degrees.of(from.value());
        Degrees other = Degrees.of(to.value());
        Arc gone = new Arc(one.min(other), one.max(other));
        return gone.intersect(motion.possible())
                .orElseThrow(() -> new IllegalArgumentException(
                        range.title() + ": found " + from.value() + " to " + to.value() + ", allowed: within "
                                + motion.possible().least().value() + " to "
                                + motion.possible().most().value()));
    }
}
