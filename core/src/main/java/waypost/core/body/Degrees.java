package waypost.core.body;

/** A joint angle in degrees on the joint's axis: 0 neutral, flexion positive, hyperextension negative; −180 to 180. */
public record Degrees(double value) implements Comparable<Degrees> {

    private static final double MOST = 180;

    public Degrees {
        if (!(Math.abs(value) <= MOST)) {
            throw new IllegalArgumentException("degrees: found " + value + ", allowed: -180 to 180");
        }
    }

    public static Degrees of(double degrees) {
        return new Degrees(degrees);
    }

    /** Reads a plain number of degrees such as "90" or "-5". */
    public static Degrees parse(String text) {
        try {
            return new Degrees(Double.parseDouble(text));
        } catch (NumberFormatException notANumber) {
            throw new IllegalArgumentException(
                    "degrees: found '" + text + "', allowed: a number from -180 to 180", notANumber);
        }
    }

    public Degrees min(Degrees other) {
        return value <= other.value ? this : other;
    }

    public Degrees max(Degrees other) {
        return value >= other.value ? this : other;
    }

    /** How far this lies above {@code other}, in degrees; negative below it. */
    public double above(Degrees other) {
        return value - other.value;
    }

    @Override
    public int compareTo(Degrees other) {
        return Double.compare(value, other.value);
    }
}
