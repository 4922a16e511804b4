package waypost.core.measure;

/** A measured value with its unit; it refuses to mix with another unit. */
public record Amount(double value, Unit unit) implements Comparable<Amount> {

    public Amount {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException("amount: found " + value + ", allowed: a finite number");
        }
    }

    public static Amount of(double value, Unit unit) {
        return new Amount(value, unit);
    }

    public Amount minus(Amount other) {
        return new Amount(value - same(other).value, unit);
    }

    /** This as a percentage of {@code whole}. */
    public double percentOf(Amount whole) {
        if (same(whole).value <= 0) {
            throw new IllegalArgumentException("symmetry: found " + whole.value + " to compare with, allowed: above 0");
        }
        return value / whole.value * 100;
    }

    private Amount same(Amount other) {
        if (other.unit != unit) {
            throw new IllegalArgumentException("amount: found " + other.unit + ", allowed: " + unit);
        }
        return other;
    }

    @Override
    public int compareTo(Amount other) {
        return Double.compare(value, same(other).value);
    }
}
