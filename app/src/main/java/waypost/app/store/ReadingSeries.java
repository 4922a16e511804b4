package waypost.app.store;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Tool;

/**
 * Readings of one course that were taken alike, neither replaced nor withdrawn: one row for many, since a long course has
 * tens of thousands.
 *
 * @param tool null when the measure's usual tool
 * @param position empty when the usual one
 * @param days of each reading, since {@link #FIRST}
 * @param amounts of each reading, on the measure's scale
 * @param nths in which order they were written
 */
record ReadingSeries(
        UUID courseId,
        String measure,
        Side side,
        Mode mode,
        boolean strict,
        String rater,
        @Nullable Tool tool,
        String position,
        Integer[] days,
        Double[] amounts,
        Long[] nths) {

    /** The day that the database counts from. */
    static final LocalDate FIRST = LocalDate.of(2000, 1, 1);

    /** What only the last reading of a day stands for. */
    record Place(String measure, Side side, Mode mode, boolean strict, int day) {}

    /** A reading with its place in the order of writing. */
    record Written(Reading reading, long nth) {}

    /** The last reading of each kind and day. */
    static Collection<Reading> lastOfEachDay(Collection<ReadingSeries> series, Function<String, Measure> measures) {
        Map<Place, Written> last = new HashMap<>();
        for (ReadingSeries each : series) {
            each.into(last, measures.apply(each.measure));
        }
        return last.values().stream().map(Written::reading).toList();
    }

    private void into(Map<Place, Written> last, Measure of) {
        Optional<Tool> with = Optional.ofNullable(tool);
        Optional<String> placed = Optional.of(position).filter(said -> !said.isEmpty());
        for (int i = 0; i < days.length; i++) {
            Place place = new Place(measure, side, mode, strict, days[i]);
            Written before = last.get(place);
            if (before == null || before.nth() < nths[i]) {
                Reading reading = new Reading(
                        measure,
                        side,
                        mode,
                        of.amount(amounts[i]),
                        FIRST.plusDays(days[i]),
                        strict,
                        rater,
                        with,
                        placed);
                last.put(place, new Written(reading, nths[i]));
            }
        }
    }
}
