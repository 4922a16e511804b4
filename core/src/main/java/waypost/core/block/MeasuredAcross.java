package waypost.core.block;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.body.Mode;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;

/**
 * What was measured of the operated side at the end of a block, beside what it was at the beginning.
 *
 * @param before the last strict reading up to the first day, none from before day 0
 * @param after the last strict one of the block after its first day, the day after its end among them
 */
public record MeasuredAcross(Measure measure, Mode mode, Optional<Reading> before, Reading after) {

    /** How what came out is to be read. */
    public enum Change {
        BETTER,
        WORSE,
        /** Less than measuring itself may err by; of grades, the same one. */
        WITHIN_ERROR,
        /** There was nothing to hold it against. */
        FIRST
    }

    /** All that was measured in a block, in the order of the measures. */
    public static List<MeasuredAcross> of(Course course, BlockSpan span) {
        return course.measures().stream()
                .flatMap(measure ->
                        Stream.of(Mode.PASSIVE, Mode.ACTIVE).flatMap(mode -> of(course, span, measure, mode).stream()))
                .toList();
    }

    private static Optional<MeasuredAcross> of(Course course, BlockSpan span, Measure measure, Mode mode) {
        History history = course.history();
        List<Reading> strict = history.evidence().readings().strict(measure.id(), history.side(), mode).stream()
                .filter(reading -> !reading.date().isBefore(course.resolved().dayZero()))
                .toList();
        Optional<Reading> before = last(strict, LocalDate.MIN, span.begins());
        return last(strict, span.begins().plusDays(1), span.endsBefore())
                .map(after -> new MeasuredAcross(measure, mode, before, after));
    }

    private static Optional<Reading> last(List<Reading> readings, LocalDate from, LocalDate to) {
        return readings.stream()
                .filter(reading ->
                        !reading.date().isBefore(from) && !reading.date().isAfter(to))
                .reduce((earlier, later) -> later);
    }

    public Change change() {
        return before.map(this::since).orElse(Change.FIRST);
    }

    private Change since(Reading earlier) {
        double gain = measure.gain(earlier.amount(), after.amount());
        boolean isChange = measure.unit().hasDistances() ? measure.isChange(earlier, after) : gain != 0;
        if (!isChange) {
            return Change.WITHIN_ERROR;
        }
        return gain > 0 ? Change.BETTER : Change.WORSE;
    }
}
