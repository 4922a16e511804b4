package waypost.core.followup;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.course.Standing;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.protocol.FollowUp;
import waypost.core.time.CourseDay;

/**
 * A measure as a report tells it.
 *
 * @param latest the last strict reading of the operated side
 * @param other the last of the other side in the same mode
 * @param before with what it is compared: the last one up to the report before, else the first
 * @param expected by the protocol's corridor on the day of the latest reading
 */
public record Measured(
        Measure measure,
        Reading latest,
        Optional<Reading> other,
        Optional<Reading> before,
        Optional<FollowUp.Point> expected) {

    /** What was measured longer ago is no news: common practice, no source. */
    private static final int DAYS = 60;

    /**
     * What was measured within sixty days, in the library's order.
     *
     * @param since the day of the report before; empty where there was none
     */
    public static List<Measured> of(Standing standing, Optional<LocalDate> since) {
        return standing.course().measures().stream()
                .flatMap(measure -> Arrays.stream(Mode.values()).flatMap(mode -> of(measure, mode, standing, since)))
                .toList();
    }

    private static Stream<Measured> of(Measure measure, Mode mode, Standing standing, Optional<LocalDate> since) {
        Side operated = standing.facts().side();
        List<Reading> own = standing.facts().readings().strict(measure.id(), operated, mode);
        if (own.isEmpty()) {
            return Stream.empty();
        }
        Reading latest = own.get(own.size() - 1);
        if (latest.date().isBefore(standing.date().minusDays(DAYS))) {
            return Stream.empty();
        }
        List<Reading> others = standing.facts().readings().strict(measure.id(), operated.other(), mode);
        Optional<Reading> before = own.stream()
                .filter(reading ->
                        since.map(day -> !reading.date().isAfter(day)).orElse(false))
                .reduce((earlier, later) -> later)
                .or(() -> Optional.of(own.get(0)))
                .filter(reading -> reading.date().isBefore(latest.date()));
        return Stream.of(new Measured(
                measure,
                latest,
                others.isEmpty() ? Optional.empty() : Optional.of(others.get(others.size() - 1)),
                before,
                new Corridors(standing.course())
                        .on(CourseDay.between(standing.course().resolved().dayZero(), latest.date()), measure)));
    }

    /** Whether it changed by more than the measure's error. */
    public boolean isChanged() {
        return before.map(earlier -> measure.isChange(earlier, latest)).orElse(false);
    }
}
