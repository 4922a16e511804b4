package waypost.core.doubt;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;

/**
 * Looks for what is doubtful. All bounds are common practice, no source.
 *
 * @param dayZero a reading after it is not held against one before it
 */
public record Doubts(Side operated, LocalDate dayZero) {

    private static final int RECENT_DAYS = 14;
    private static final double UNLIKELY_ERRORS = 6;
    private static final double UNLIKELY_FACTOR = 1.5;
    private static final double WEAKER_SHARE = 0.1;

    /** What is doubtful in {@code reading}, beside those already known. */
    public List<Doubt> about(Measure measure, Reading reading, Readings known) {
        return Stream.of(
                        beyondPassive(measure, reading, known),
                        weakerThanBefore(measure, reading, known),
                        jump(measure, reading, known),
                        otherwise(measure, reading, known))
                .flatMap(Optional::stream)
                .toList();
    }

    /** What contradicts other readings, whenever it is looked at; how it compares with the last time is for its entry. */
    public List<Doubt> contradictions(Measure measure, Reading reading, Readings known) {
        return Stream.of(beyondPassive(measure, reading, known), weakerThanBefore(measure, reading, known))
                .flatMap(Optional::stream)
                .toList();
    }

    private static Optional<Doubt> beyondPassive(Measure measure, Reading reading, Readings known) {
        if (reading.mode() == Mode.RESISTED
                || reading.mode() == Mode.ASSISTED
                || measure.motion().isEmpty()) {
            return Optional.empty();
        }
        boolean active = reading.mode() == Mode.ACTIVE;
        return known.latestOn(reading.date(), measure.id(), reading.side(), active ? Mode.PASSIVE : Mode.ACTIVE)
                .map(other -> active ? new Reading[] {reading, other} : new Reading[] {other, reading})
                .filter(pair ->
                        measure.gain(pair[1].amount(), pair[0].amount()) > measure.errorBetween(pair[0], pair[1]))
                .map(pair -> new Doubt.ActiveBeyondPassive(measure, pair[0], pair[1]));
    }

    private Optional<Doubt> weakerThanBefore(Measure measure, Reading reading, Readings known) {
        if (reading.side() == operated
                || measure.better() == Measure.Better.LOWER
                || reading.date().isBefore(dayZero)) {
            return Optional.empty();
        }
        return known.upTo(dayZero.minusDays(1))
                .latestStrict(measure.id(), reading.side(), reading.mode())
                .filter(before ->
                        -measure.gain(before.amount(), reading.amount()) > detectable(measure, before, reading))
                .map(before -> new Doubt.OtherSideWeaker(measure, reading, before));
    }

    /** The tool's error, or a tenth where none is known. */
    private static double detectable(Measure measure, Reading before, Reading reading) {
        double error = measure.errorBetween(before, reading);
        return error > 0 ? error : WEAKER_SHARE * before.amount().value();
    }

    private Optional<Doubt> jump(Measure measure, Reading reading, Readings known) {
        return before(measure, reading, known)
                .filter(before -> ChronoUnit.DAYS.between(before.date(), reading.date()) <= RECENT_DAYS)
                .filter(before ->
                        before.date().isBefore(dayZero) == reading.date().isBefore(dayZero))
                .filter(before -> isUnlikely(measure, before, reading))
                .map(before -> new Doubt.UnlikelyJump(measure, reading, before));
    }

    private static boolean isUnlikely(Measure measure, Reading before, Reading reading) {
        double error = measure.errorOf(reading);
        double apart = Math.abs(measure.gain(before.amount(), reading.amount()));
        if (error > 0 && apart >= UNLIKELY_ERRORS * error) {
            return true;
        }
        double less = Math.min(before.amount().value(), reading.amount().value());
        double more = Math.max(before.amount().value(), reading.amount().value());
        return measure.unit().isRatioScale() && less > 0 && more / less >= UNLIKELY_FACTOR;
    }

    private static Optional<Doubt> otherwise(Measure measure, Reading reading, Readings known) {
        return before(measure, reading, known)
                .filter(before -> !before.isTakenLike(reading))
                .map(before -> new Doubt.TakenOtherwise(measure, reading, before));
    }

    private static Optional<Reading> before(Measure measure, Reading reading, Readings known) {
        return known.upTo(reading.date()).latestStrict(measure.id(), reading.side(), reading.mode());
    }
}
