package waypost.core.function;

import waypost.core.body.Degrees;

/**
 * How far a hip bends sitting still on a seat. An estimate at rest: rising, sitting down and reaching bend more.
 *
 * @param kneeHeight from the floor to the hollow of the knee, in centimetres, 20 to 80
 * @param thigh from hip to knee, in centimetres, 20 to 70
 * @param height of the seat under the sitter's weight, in centimetres, 10 to 120
 */
public record Seat(double kneeHeight, double thigh, double height) {

    public Seat {
        within("knee height", kneeHeight, 20, 80);
        within("thigh", thigh, 20, 70);
        within("seat height", height, 10, 120);
    }

    private static void within(String what, double found, double least, double most) {
        if (!(found >= least && found <= most)) {
            throw new IllegalArgumentException(
                    what + ": found " + found + " cm, allowed: " + least + " to " + most + " cm");
        }
    }

    /** 90° + asin((knee height − seat height) ÷ thigh) − lean back: common practice, no source. */
    public Degrees hipFlexion(double leanBackDegrees) {
        if (!(leanBackDegrees >= 0 && leanBackDegrees <= 60)) {
            throw new IllegalArgumentException("lean back: found " + leanBackDegrees + "°, allowed: 0° to 60°");
        }
        double sine = (kneeHeight - height) / thigh;
        if (Math.abs(sine) > 1) {
            throw new IllegalArgumentException("seat: found a seat " + Math.abs(kneeHeight - height)
                    + " cm from the knee with a thigh of " + thigh + " cm, allowed: no further than the thigh is long");
        }
        return Degrees.of(90 + Math.toDegrees(Math.asin(sine)) - leanBackDegrees);
    }

    /**
     * How high a seat has to be so that the hip bends no further than to a ceiling: the same arithmetic the other way round.
     *
     * @param kneeHeight as for a seat
     * @param thigh as for a seat
     */
    public static double leastFor(double kneeHeight, double thigh, Degrees ceiling, double leanBackDegrees) {
        double beyond = Math.max(-90, Math.min(90, ceiling.value() + leanBackDegrees - 90));
        return kneeHeight - thigh * Math.sin(Math.toRadians(beyond));
    }

    /** The least that is advised under a ceiling of the hip: no lower than what bends it so far, upright. */
    public double leastAdvised(Degrees ceiling) {
        return Math.max(leastAdvised(), leastFor(kneeHeight, thigh, ceiling, 0));
    }

    /** Five centimetres above the hollow of the knee, the least that is advised: common practice, no source. */
    public double leastAdvised() {
        return kneeHeight + 5;
    }
}
