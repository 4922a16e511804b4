package waypost.core.battery;

import java.time.LocalDate;
import java.util.Optional;
import waypost.core.course.Standing;
import waypost.core.followup.MeasuringSheet;
import waypost.core.measure.Reading;
import waypost.core.milestone.Milestone;

/**
 * A station as it stands on a day.
 *
 * @param margin empty where nothing was found to compare
 * @param closed the test that may not be done today; empty when it may
 */
public record Result(
        Station station,
        Milestone milestone,
        Mark mark,
        Optional<Margin> margin,
        Optional<MeasuringSheet.ClosedTest> closed) {

    static Result of(Station station, Standing standing) {
        Milestone now = standing.reviewed(station.wants());
        Optional<Margin> margin = Margin.of(now);
        Optional<MeasuringSheet.ClosedTest> closed =
                MeasuringSheet.closedTest(station.wants().measure(), standing);
        return new Result(station, now, mark(station, standing, now, margin, closed.isPresent()), margin, closed);
    }

    /** When the operated side was tested last. */
    public Optional<LocalDate> on() {
        return milestone.evidence().stream().map(Reading::date).findFirst();
    }

    private static Mark mark(
            Station station, Standing standing, Milestone now, Optional<Margin> margin, boolean closed) {
        boolean within = margin.map(Margin::isWithinError).orElse(false);
        return switch (now.state()) {
            case MET -> !within || metBefore(station, standing, now) ? Mark.PASS : Mark.JUST;
            case PENDING -> Mark.JUST;
            case NOT_MET -> within ? Mark.NEAR : Mark.FAIL;
            case OUT_OF_DATE -> closed ? Mark.CLOSED : Mark.OLD;
            case MISSING -> closed ? Mark.CLOSED : Mark.NOT_TAKEN;
            case TEST_NOT_SAFE_YET -> Mark.CLOSED;
        };
    }

    /** Whether the day of measuring before had reached it as well, while that still counts. */
    private static boolean metBefore(Station station, Standing standing, Milestone now) {
        LocalDate last = now.evidence().get(0).date();
        return standing
                .facts()
                .readings()
                .strict(
                        station.wants().measure().id(),
                        standing.facts().side(),
                        station.wants().mode())
                .stream()
                .map(Reading::date)
                .filter(date -> date.isBefore(last)
                        && !date.isBefore(
                                standing.date().minusDays(station.wants().validDays())))
                .reduce((earlier, later) -> later)
                .flatMap(before -> Margin.of(standing.reviewed(station.wants(), before)))
                .map(Margin::isReached)
                .orElse(false);
    }
}
