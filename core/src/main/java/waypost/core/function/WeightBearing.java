package waypost.core.function;

import waypost.core.demand.BodyShare;
import waypost.core.strength.BodyMass;

/**
 * A share of body weight as kilograms on a scale.
 *
 * @param target the kilograms aimed at
 * @param least below this too little
 * @param most above this too much
 */
public record WeightBearing(double target, double least, double most) {

    /** A tenth of the target to either side, and at least a kilogram: common practice, no source. */
    private static final double BAND = 0.1;

    private static final double NARROWEST_KILOGRAMS = 1;

    public static WeightBearing of(BodyShare share, BodyMass mass) {
        double target = share.kilogramsOf(mass.kilograms());
        double band = Math.max(target * BAND, NARROWEST_KILOGRAMS);
        return new WeightBearing(target, Math.max(0, target - band), target + band);
    }

    /** A share that is the most which is allowed: the band lies wholly beneath it. */
    public static WeightBearing upTo(BodyShare most, BodyMass mass) {
        double highest = most.kilogramsOf(mass.kilograms());
        double band = Math.max(highest * BAND, NARROWEST_KILOGRAMS);
        return new WeightBearing(Math.max(0, highest - band), Math.max(0, highest - 2 * band), highest);
    }
}
