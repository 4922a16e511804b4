package waypost.core.runner;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import waypost.core.course.Precaution;
import waypost.core.course.Standing;
import waypost.core.demand.BodyShare;
import waypost.core.function.WeightBearing;
import waypost.core.measure.Reading;
import waypost.core.strength.BodyMass;

/**
 * Ten steps on a scale with no more than the course allows the leg: what is meant, and when the patient is told. Told while
 * stepping, the weight is followed and not learnt; so it is told later and less from step to step (common practice, no
 * source).
 *
 * @param most what the strictest limit of the day leaves
 * @param limit the precaution that says it
 * @param mass kilograms
 */
public record WeightTraining(BodyShare most, Precaution<?> limit, WeightBearing band, double mass) {

    /** The measure under which so many good ones of ten are kept. */
    public static final String MEASURE = "steps-in-weight";

    private static final String BODY_MASS = "body-mass";
    private static final int MASS_HOLDS_DAYS = 60;

    /** When a step is told. */
    public enum Told {
        /** While the foot is down. */
        LIVE,
        /** When it is up again. */
        AFTER,
        /** With all of them, at the end. */
        AT_THE_END
    }

    /** Why there is nothing to train. */
    public enum Missing {
        NO_LIMIT,
        NO_WEIGHT_AT_ALL,
        NO_MASS
    }

    /** What can be trained, or why nothing can. */
    public record Found(Optional<WeightTraining> training, Optional<Missing> missing) {}

    /** When each of the ten steps is told. */
    public static List<Told> steps() {
        return List.of(
                Told.LIVE,
                Told.LIVE,
                Told.LIVE,
                Told.AFTER,
                Told.AFTER,
                Told.AFTER,
                Told.AFTER,
                Told.AT_THE_END,
                Told.AT_THE_END,
                Told.AT_THE_END);
    }

    /** What the day leaves the operated leg, as kilograms of the mass that was measured last. */
    public static Found of(Standing standing) {
        WeightLimit limit = WeightLimit.of(standing);
        if (limit.by().isEmpty()) {
            return missing(Missing.NO_LIMIT);
        }
        if (limit.most().percent() == 0) {
            return missing(Missing.NO_WEIGHT_AT_ALL);
        }
        BodyShare most = limit.most();
        Precaution<?> by = limit.by().get();
        return mass(standing)
                .map(mass -> new Found(
                        Optional.of(new WeightTraining(most, by, WeightBearing.upTo(most, mass), mass.kilograms())),
                        Optional.empty()))
                .orElseGet(() -> missing(Missing.NO_MASS));
    }

    private static Found missing(Missing missing) {
        return new Found(Optional.empty(), Optional.of(missing));
    }

    /** The mass that was measured last, in time. */
    static Optional<BodyMass> mass(Standing standing) {
        LocalDate since = standing.date().minusDays(MASS_HOLDS_DAYS);
        return standing.facts().readings().all().stream()
                .filter(reading ->
                        reading.measure().equals(BODY_MASS) && !reading.date().isBefore(since))
                .max(Comparator.comparing(Reading::date))
                .map(reading -> new BodyMass(reading.amount().value()));
    }
}
