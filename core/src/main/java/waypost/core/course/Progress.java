package waypost.core.course;

import java.util.List;
import java.util.Optional;
import waypost.core.criterion.Criterion;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.milestone.Milestone;
import waypost.core.protocol.FollowUp;
import waypost.core.trend.Forecast;
import waypost.core.trend.Trend;

/**
 * How a value that the next phase asks for moves.
 *
 * @param forecast when it is to be expected; empty where the readings do not support one, or nothing moves that can be
 *     detected
 * @param plateau whether it stands still below its corridor
 */
public record Progress(Milestone milestone, Optional<Forecast> forecast, boolean plateau) {

    /** Of each value to be reached for the next phase that is not met yet and moves, or fails to. */
    public static List<Progress> of(Standing standing) {
        return standing.next().map(NextPhase::milestones).orElse(List.of()).stream()
                .flatMap(Milestone::single)
                .filter(milestone -> !milestone.isMet())
                .flatMap(milestone -> of(milestone, standing).stream())
                .filter(progress -> progress.forecast().isPresent() || progress.plateau())
                .toList();
    }

    private static Optional<Progress> of(Milestone milestone, Standing standing) {
        return milestone
                .goal()
                .filter(goal -> milestone.criterion() instanceof Criterion.Measured)
                .map(goal -> of(milestone, (Criterion.Measured) milestone.criterion(), goal, standing));
    }

    private static Progress of(Milestone milestone, Criterion.Measured criterion, Amount goal, Standing standing) {
        Measure measure = criterion.measure();
        List<Reading> readings = standing.sinceDayZero(measure, criterion.mode());
        boolean plateau =
                Trend.standsStill(measure, readings, standing.facts().known()).orElse(false)
                        && isBelowCorridor(measure, readings, standing);
        Optional<Forecast> forecast = Trend.of(measure, readings)
                .flatMap(trend -> trend.reaches(goal))
                .flatMap(expected -> expected.from(standing.facts().known()))
                .filter(expected -> !plateau);
        return new Progress(milestone, forecast, plateau);
    }

    /** Whether the latest reading is worse than the corridor's nearer edge; never where no corridor is written. */
    private static boolean isBelowCorridor(Measure measure, List<Reading> readings, Standing standing) {
        double latest = readings.get(readings.size() - 1).amount().value();
        return edge(measure, standing)
                .map(edge -> measure.better() == Measure.Better.HIGHER ? latest < edge : latest > edge)
                .orElse(false);
    }

    private static Optional<Double> edge(Measure measure, Standing standing) {
        Course course = standing.course();
        return course.resolved().followUp().corridors().stream()
                .filter(corridor -> corridor.measure().equals(measure.id()))
                .flatMap(corridor -> corridor.points().stream())
                .filter(point -> !standing.day()
                        .isBefore(point.from().from(course.resolved().dayZero())))
                .reduce((earlier, later) -> later)
                .map(point -> worse(measure, point));
    }

    private static double worse(Measure measure, FollowUp.Point point) {
        return measure.better() == Measure.Better.HIGHER ? point.low() : point.high();
    }
}
