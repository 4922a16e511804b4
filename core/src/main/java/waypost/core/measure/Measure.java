package waypost.core.measure;

import java.util.Optional;
import waypost.core.body.Direction;
import waypost.core.body.Motion;

/**
 * Something that is measured again and again.
 *
 * @param id permanent id
 * @param motion for a range: the axis, and in {@code end} which end of it
 * @param error a change smaller than this is not a change; 0 where none applies
 * @param validDays how old a reading may be and still count
 * @param bothSides whether each side has its own value
 * @param better which way is better
 * @param least the least value that can be entered
 * @param most the greatest value that can be entered
 */
public record Measure(
        String id,
        String title,
        Unit unit,
        Optional<Motion> motion,
        Optional<Direction> end,
        double error,
        int validDays,
        boolean bothSides,
        Better better,
        double least,
        double most,
        String source) {

    /** Which way a measure improves. */
    public enum Better {
        HIGHER,
        LOWER
    }

    public Measure {
        if (error < 0 || validDays < 1 || least >= most) {
            throw new IllegalArgumentException("measure " + id + ": found error " + error + ", valid days " + validDays
                    + ", bounds " + least + " to " + most
                    + ", allowed: an error of 0 or more, at least 1 day, and the lesser bound first");
        }
    }

    /** How much better {@code later} is than {@code earlier}, in the measure's unit; negative when it is worse. */
    public double gain(Amount earlier, Amount later) {
        double more = later.minus(earlier).value();
        return better == Better.HIGHER ? more : -more;
    }

    /** Refuses a value that this measure can't have. */
    public Amount amount(double value) {
        if (!(value >= least && value <= most)) {
            throw new IllegalArgumentException(title + ": found " + Plain.number(value) + unit.suffix() + ", allowed: "
                    + Plain.number(least) + unit.suffix() + " to " + Plain.number(most) + unit.suffix());
        }
        return Amount.of(value, unit);
    }
}
