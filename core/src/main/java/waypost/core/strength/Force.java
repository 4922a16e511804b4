package waypost.core.strength;

import waypost.core.measure.Plain;

/** A force in newtons, from 0 to 10,000. */
public record Force(double newtons) {

    private static final double MOST = 10_000;

    /** A unit in which a dynamometer shows force, with its exact factor. */
    public enum Unit {
        NEWTON(1, "N"),
        /** Standard gravity, 9.80665 m/s², is exact by definition (third General Conference on Weights and Measures, 1901). */
        KILOGRAM_FORCE(9.80665, "kgf"),
        /** 0.45359237 kg times standard gravity, both exact: 4.4482216152605 N. */
        POUND_FORCE(0.45359237 * 9.80665, "lbf");

        private final double newtons;
        private final String symbol;

        Unit(double newtons, String symbol) {
            this.newtons = newtons;
            this.symbol = symbol;
        }

        public String symbol() {
            return symbol;
        }
    }

    public Force {
        if (!(newtons >= 0 && newtons <= MOST)) {
            throw new IllegalArgumentException(
                    "force: found " + newtons + " N, allowed: 0 to " + Plain.number(MOST) + " N");
        }
    }

    public static Force of(double value, Unit unit) {
        return new Force(value * unit.newtons);
    }

    public double in(Unit unit) {
        return newtons / unit.newtons;
    }
}
