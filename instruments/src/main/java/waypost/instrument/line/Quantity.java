package waypost.instrument.line;

import java.util.Locale;

/** What an instrument tells, in which unit, and what it can possibly be. */
public enum Quantity {
    ANGLE("deg", -180, 360),
    FORCE("N", 0, 3000),
    LEFT("N", 0, 5000),
    RIGHT("N", 0, 5000),
    MASS("kg", 0, 400);

    private final String unit;
    private final double least;
    private final double most;

    Quantity(String unit, double least, double most) {
        this.unit = unit;
        this.least = least;
        this.most = most;
    }

    /** Degrees, newtons or kilograms, as it stands on the line. */
    public String unit() {
        return unit;
    }

    boolean isPossible(double value) {
        return value >= least && value <= most;
    }

    /** As it stands on the line: "angle". */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    static Quantity of(String word) {
        for (Quantity quantity : values()) {
            if (quantity.word().equals(word)) {
                return quantity;
            }
        }
        throw new IllegalArgumentException(
                "quantity: found '" + word + "', allowed: angle, force, left, right or mass");
    }
}
