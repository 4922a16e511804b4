package waypost.core.measure;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import waypost.core.body.Direction;
import waypost.core.body.Motion;

/**
 * Something that is measured again and again.
 *
 * @param id permanent id
 * @param motion for a range: the axis, and in {@code end} which end of it
 * @param error a change smaller than this is not a change, by the usual tool in one rater's hands
 * @param toolErrors the same by other tools
 * @param validDays how old a reading may be and still count
 * @param bothSides whether each side has its own value
 * @param better which way is better
 * @param least the least value that can be entered
 * @param most the greatest value that can be entered
 * @param norm what is usual in healthy people
 * @param everyDays how often it is usually measured; empty when at need
 * @param taken how a value comes about
 */
public record Measure(
        String id,
        String title,
        Unit unit,
        Optional<Motion> motion,
        Optional<Direction> end,
        MeasuringError error,
        List<ToolError> toolErrors,
        int validDays,
        boolean bothSides,
        Better better,
        double least,
        double most,
        Optional<Norm> norm,
        OptionalInt everyDays,
        Taken taken,
        String source) {

    /** Which way a measure improves. */
    public enum Better {
        HIGHER,
        LOWER
    }

    /**
     * The smallest change that is a change.
     *
     * @param sameRater between two readings of one rater
     * @param otherRater between readings of different raters
     */
    public record ToolError(Tool tool, double sameRater, double otherRater) {
        public ToolError {
            if (!(sameRater >= 0 && sameRater <= otherRater)) {
                throw new IllegalArgumentException("error of " + tool + ": found " + sameRater + " and " + otherRater
                        + ", allowed: 0 or more, and no less between different raters");
            }
        }
    }

    /** A usual value and where it is published. */
    public record Norm(double value, String source) {}

    public Measure {
        toolErrors = List.copyOf(toolErrors);
        if (validDays < 1 || least >= most) {
            throw new IllegalArgumentException("measure " + id + ": found valid days " + validDays + ", bounds " + least
                    + " to " + most + ", allowed: at least 1 day, and the lesser bound first");
        }
    }

    /** How much better {@code later} is than {@code earlier}, in the measure's unit; negative when it is worse. */
    public double gain(Amount earlier, Amount later) {
        double more = later.minus(earlier).value();
        return better == Better.HIGHER ? more : -more;
    }

    /** The error of one reading, by its tool in one rater's hands. */
    public double errorOf(Reading reading) {
        return errorIn(reading, true);
    }

    /** The least difference between two readings that is a change: the coarser tool's, and more between two raters. */
    public double errorBetween(Reading one, Reading other) {
        boolean sameRater = one.rater().equals(other.rater());
        return Math.max(errorIn(one, sameRater), errorIn(other, sameRater));
    }

    private double errorIn(Reading reading, boolean sameRater) {
        return toolError(reading)
                .map(tool -> sameRater ? tool.sameRater() : tool.otherRater())
                .orElseGet(() -> error.at(reading.amount().value()));
    }

    /** Whether the two differ by at least what can be told apart; grades have no distance that could be. */
    public boolean isChange(Reading earlier, Reading later) {
        double by = Math.abs(gain(earlier.amount(), later.amount()));
        return by > 0 && unit.hasDistances() && by >= errorBetween(earlier, later);
    }

    private Optional<ToolError> toolError(Reading reading) {
        return toolErrors.stream()
                .filter(e -> reading.tool().map(tool -> tool == e.tool()).orElse(false))
                .findFirst();
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
