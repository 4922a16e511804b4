package waypost.core.followup;

import java.util.Optional;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.Standing;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.protocol.FollowUp;
import waypost.core.time.CourseDay;

/** Where readings are expected to lie, by the protocol. */
public record Corridors(Course course) {

    /** Where a value lies against what is expected. */
    public enum Place {
        BEHIND,
        WITHIN,
        AHEAD
    }

    /** The step that holds on a day; empty where none is written or it has not begun. */
    public Optional<FollowUp.Point> on(CourseDay day, Measure measure) {
        return course.resolved().followUp().corridors().stream()
                .filter(corridor -> corridor.measure().equals(measure.id()))
                .flatMap(corridor -> corridor.points().stream())
                .filter(point -> !day.isBefore(course.resolved().clocks().day(point.from())))
                .reduce((earlier, later) -> later);
    }

    /** The latest strict reading of the operated side that a corridor is held against: passive where there is one. */
    static Optional<Reading> latest(Measure measure, Standing standing) {
        Side side = standing.facts().side();
        return standing.facts()
                .readings()
                .latestStrict(measure.id(), side, Mode.PASSIVE)
                .or(() -> standing.facts().readings().latestStrict(measure.id(), side, Mode.ACTIVE));
    }

    /** Where {@code amount} lies on a day; empty where nothing is expected. */
    public Optional<Place> place(CourseDay day, Measure measure, Amount amount) {
        return on(day, measure).map(point -> {
            boolean higher = measure.better() == Measure.Better.HIGHER;
            if (amount.value() < point.low()) {
                return higher ? Place.BEHIND : Place.AHEAD;
            }
            if (amount.value() > point.high()) {
                return higher ? Place.AHEAD : Place.BEHIND;
            }
            return Place.WITHIN;
        });
    }
}
