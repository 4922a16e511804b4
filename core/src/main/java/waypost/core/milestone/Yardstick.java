package waypost.core.milestone;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.protocol.FollowUp;
import waypost.core.time.Clocks;
import waypost.core.time.CourseDay;

/**
 * What the operated side is compared with: the other side while it is healthy; else the operated side's own value from
 * before surgery, else what the protocol expects by now, the norm last.
 *
 * @param all every reading, those before surgery included, which count for nothing else
 * @param otherSideHealthy false when the other side has a course of its own
 */
public record Yardstick(
        Side operated, boolean otherSideHealthy, Readings all, Clocks clocks, List<FollowUp.Corridor> corridors) {

    /** What served as yardstick. */
    public enum Basis {
        OTHER_SIDE,
        BEFORE_SURGERY,
        CORRIDOR,
        NORM
    }

    /** The value to compare with, and the reading that it was taken from, if one. */
    public record Comparison(Amount amount, Basis basis, Optional<Reading> reading) {}

    public Yardstick {
        corridors = List.copyOf(corridors);
    }

    /** A healthy other side. */
    public static Yardstick otherSide(Side operated, LocalDate dayZero) {
        return new Yardstick(operated, true, Readings.NONE, Clocks.startingOn(dayZero), List.of());
    }

    /** What to compare with on {@code known}; empty when there is nothing. */
    Optional<Comparison> of(Measure measure, Mode mode, Readings readings, LocalDate known) {
        if (otherSideHealthy) {
            return readings.latestStrict(measure.id(), operated.other(), mode)
                    .map(reading -> new Comparison(reading.amount(), Basis.OTHER_SIDE, Optional.of(reading)));
        }
        return beforeSurgery(measure, mode)
                .or(() -> expected(measure, CourseDay.between(clocks.dayZero(), known)))
                .or(() -> measure.norm()
                        .map(norm -> new Comparison(measure.amount(norm.value()), Basis.NORM, Optional.empty())));
    }

    /** The operated side's own last value from before surgery. */
    Optional<Comparison> beforeSurgery(Measure measure, Mode mode) {
        return all.strict(measure.id(), operated, mode).stream()
                .filter(reading -> reading.date().isBefore(clocks.dayZero()))
                .reduce((earlier, later) -> later)
                .map(reading -> new Comparison(reading.amount(), Basis.BEFORE_SURGERY, Optional.of(reading)));
    }

    private Optional<Comparison> expected(Measure measure, CourseDay day) {
        boolean higher = measure.better() == Measure.Better.HIGHER;
        return corridors.stream()
                .filter(corridor -> corridor.measure().equals(measure.id()))
                .flatMap(corridor -> corridor.points().stream())
                .filter(point -> !day.isBefore(clocks.day(point.from())))
                .reduce((earlier, later) -> later)
                .map(point -> new Comparison(
                        measure.amount(higher ? point.low() : point.high()), Basis.CORRIDOR, Optional.empty()));
    }
}
