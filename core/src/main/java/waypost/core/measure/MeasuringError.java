package waypost.core.measure;

import java.util.OptionalDouble;

/**
 * How much two readings of a measure may differ without anything having changed.
 *
 * @param units in the measure's unit, by the usual tool in one rater's hands; 0 where none is known
 * @param percent the same as a share of the reading, where it grows with it (a force, a distance); 0 where it does not
 * @param important the change that people who were measured call worth while; empty where none is known
 */
public record MeasuringError(double units, double percent, OptionalDouble important) {

    /** Where no error is known. */
    public static final MeasuringError NONE = of(0);

    public MeasuringError {
        if (!(units >= 0 && percent >= 0 && percent < 100 && important.orElse(1) > 0)) {
            throw new IllegalArgumentException(
                    "error: found " + units + ", " + percent + " % and an important change of " + important
                            + ", allowed: 0 or more, 0 to less than 100 %, and more than 0");
        }
    }

    /** The same everywhere on the scale. */
    public static MeasuringError of(double units) {
        return new MeasuringError(units, 0, OptionalDouble.empty());
    }

    /** The error at this value: the greater of the two. */
    public double at(double value) {
        return Math.max(units, Math.abs(value) * percent / 100);
    }
}
