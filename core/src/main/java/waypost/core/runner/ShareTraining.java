package waypost.core.runner;

import java.util.List;
import java.util.Optional;
import waypost.core.body.Limb;
import waypost.core.course.Standing;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Demand;
import waypost.core.demand.StrainKind;
import waypost.core.demand.Support;
import waypost.core.exercise.Role;
import waypost.core.strength.BodyMass;

/**
 * An exercise on both legs, done on a plate that tells the weight on each: the operated leg is to carry its half. Within
 * five points of half is even (common practice, no source).
 *
 * @param kind what of a repetition is looked at
 * @param mass kilograms
 */
public record ShareTraining(Role role, Kind kind, double mass) {

    /** The measure under which the operated leg's share is kept, in percent. */
    public static final String MEASURE = "leg-share";

    /** The band to stay in, percent of what both legs carry. */
    public static final int LEAST_PERCENT = 45;

    public static final int MOST_PERCENT = 55;

    /** What of a repetition is looked at. */
    public enum Kind {
        /** All of it, while both legs carry at least half of the body. */
        STANDING,
        /** The second after both feet are down again. */
        LANDING
    }

    /** Why nothing can be trained. */
    public enum Missing {
        NOTHING_OPEN,
        WEIGHT_LIMITED,
        NO_MASS
    }

    /** What can be trained, or why nothing can. */
    public record Found(List<ShareTraining> trainings, Optional<Missing> missing) {
        public Found {
            trainings = List.copyOf(trainings);
        }
    }

    /** What is open today of the exercises on both legs, in the library's order. A leg that may not carry all trains no half. */
    public static Found of(Standing standing) {
        WeightLimit limit = WeightLimit.of(standing);
        if (limit.by().isPresent()) {
            return missing(Missing.WEIGHT_LIMITED);
        }
        Optional<BodyMass> mass = WeightTraining.mass(standing);
        if (mass.isEmpty()) {
            return missing(Missing.NO_MASS);
        }
        List<ShareTraining> open = standing.course()
                .exercises()
                .flatMap(exercise -> exercise.roles().stream())
                .filter(role -> kind(role).isPresent()
                        && standing.verdict(role.key()).kind().isOpen())
                .map(role -> new ShareTraining(
                        role, kind(role).orElseThrow(), mass.get().kilograms()))
                .toList();
        return open.isEmpty() ? missing(Missing.NOTHING_OPEN) : new Found(open, Optional.empty());
    }

    private static Found missing(Missing missing) {
        return new Found(List.of(), Optional.of(missing));
    }

    /** Both legs carry half each and bend together; what lands is told by its impact. */
    static Optional<Kind> kind(Role role) {
        boolean both = role.isOfBoth() && role.demands().stream().anyMatch(ShareTraining::isCarriedByBoth);
        boolean lands = role.demands().stream()
                .anyMatch(demand -> demand instanceof Demand.Strain strain && strain.kind() == StrainKind.IMPACT);
        return both ? Optional.of(lands ? Kind.LANDING : Kind.STANDING) : Optional.empty();
    }

    private static boolean isCarriedByBoth(Demand demand) {
        return demand instanceof Demand.Bearing bearing
                && bearing.limb() == Limb.LEG
                && bearing.support() == Support.BOTH
                && bearing.share().compareTo(BodyShare.ofPercent(LEAST_PERCENT)) >= 0;
    }
}
