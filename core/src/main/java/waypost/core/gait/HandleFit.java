package waypost.core.gait;

import java.util.Optional;
import waypost.core.anatomy.Segment;
import waypost.core.body.Degrees;

/**
 * How high the handle of a frame, a crutch or a cane is set: at the crease of the wrist, shoes on, arm hanging; and how far it
 * moves when the elbow is then not bent by 15 to 30 degrees (common practice, no source). The arm's lengths are shares of
 * stature (Drillis and Contini 1966, from memory), the hand stands a little in front.
 *
 * @param crease from the floor to the wrist's crease, in centimetres, 40 to 120
 * @param stature in centimetres, 100 to 230
 * @param elbow how far it bends with the hand on the handle, 0 to 120 degrees; empty before it was looked at
 */
public record HandleFit(double crease, double stature, Optional<Degrees> elbow) {

    public static final int LEAST_BEND = 15;
    public static final int MOST_BEND = 30;

    private static final double MEANT_BEND = 22.5;
    private static final double IN_FRONT_CM = 15;
    private static final double ELBOW_LIMIT = 120;

    /** What to do with the handle. */
    public enum Advice {
        SET,
        FITS,
        LOWER,
        RAISE
    }

    /** A point of the arm, seen from the side. */
    public record Point(double ahead, double height) {}

    /** Shoulder, elbow and hand. */
    public record Arm(Point shoulder, Point elbow, Point hand) {}

    public HandleFit {
        within("wrist's crease", crease, 40, 120, " cm");
        within("stature", stature, 100, 230, " cm");
        elbow.ifPresent(bend -> within("elbow", bend.value(), 0, ELBOW_LIMIT, "\u00b0"));
        if (crease > stature * 0.6) {
            throw new IllegalArgumentException("wrist's crease: found " + crease + " cm with a stature of " + stature
                    + " cm, allowed: no higher than six tenths of it");
        }
    }

    private static void within(String what, double found, double least, double most, String unit) {
        if (!(found >= least && found <= most)) {
            throw new IllegalArgumentException(
                    what + ": found " + found + unit + ", allowed: " + least + " to " + most + unit);
        }
    }

    public Advice advice() {
        if (elbow.isEmpty()) {
            return Advice.SET;
        }
        double bend = elbow.get().value();
        if (bend > MOST_BEND) {
            return Advice.LOWER;
        }
        return bend < LEAST_BEND ? Advice.RAISE : Advice.FITS;
    }

    /** By how many centimetres the handle moves until the elbow bends as it is meant to; upward is more. */
    public double moveBy() {
        return elbow.map(bend -> below(bend.value()) - below(MEANT_BEND)).orElse(0.0);
    }

    /** How high it is set then, from the floor. */
    public double handle() {
        return advice() == Advice.LOWER || advice() == Advice.RAISE ? crease + moveBy() : crease;
    }

    private double upperArm() {
        return stature * Segment.UPPER_ARM.lengthShare();
    }

    private double forearm() {
        return stature * Segment.FOREARM.lengthShare();
    }

    /** How far the hand is from the shoulder. */
    private double reach(double bend) {
        double upper = upperArm();
        double fore = forearm();
        return Math.sqrt(upper * upper + fore * fore + 2 * upper * fore * Math.cos(Math.toRadians(bend)));
    }

    /** How far the hand is below the shoulder. */
    private double below(double bend) {
        double reach = reach(bend);
        return Math.sqrt(Math.max(0, reach * reach - IN_FRONT_CM * IN_FRONT_CM));
    }

    /** The arm on the handle, as it was found or else as it is meant; heights from the floor, in centimetres. */
    public Arm arm() {
        double bend = elbow.map(Degrees::value).orElse(MEANT_BEND);
        double below = below(bend);
        double reach = reach(bend);
        double toHand = Math.atan2(IN_FRONT_CM, below);
        double cosine = (upperArm() * upperArm() + reach * reach - forearm() * forearm()) / (2 * upperArm() * reach);
        double behind = toHand - Math.acos(Math.max(-1, Math.min(1, cosine)));
        double shoulder = crease + below;
        return new Arm(
                new Point(0, shoulder),
                new Point(upperArm() * Math.sin(behind), shoulder - upperArm() * Math.cos(behind)),
                new Point(IN_FRONT_CM, crease));
    }
}
