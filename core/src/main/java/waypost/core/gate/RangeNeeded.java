package waypost.core.gate;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.demand.Demand.Movement;
import waypost.core.exercise.Reducible;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.reason.NotYet;
import waypost.core.reason.Reason;

/** Compares the range that a movement needs with the range that was measured. */
record RangeNeeded(Map<Motion, Measure> measures) {

    static RangeNeeded from(Collection<Measure> measures) {
        Map<Motion, Measure> byMotion = new EnumMap<>(Motion.class);
        for (Measure measure : measures) {
            if (measure.motion().isPresent() && measure.end().equals(Optional.of(Direction.POSITIVE))) {
                byMotion.put(measure.motion().get(), measure);
            }
        }
        return new RangeNeeded(byMotion);
    }

    /** What speaks against the movement; empty when the range is there or none is needed. */
    Optional<Reason> objection(Movement movement, Facts facts, Reducible by) {
        if (movement.needs().isEmpty() || facts.assumeRange()) {
            return Optional.empty();
        }
        Degrees needed = movement.needs().get();
        Measure measure = measures.get(movement.motion());
        if (measure == null) {
            return Optional.of(new NotYet.RangeUnknown(movement.motion(), needed, Optional.empty(), 0));
        }
        Optional<Reading> reading = latest(measure, facts);
        if (reading.isEmpty() || isStale(reading.get(), measure, facts.known())) {
            return Optional.of(new NotYet.RangeUnknown(
                    movement.motion(), needed, reading.map(Reading::date), measure.validDays()));
        }
        Degrees found = Degrees.of(reading.get().amount().value());
        if (found.compareTo(needed) >= 0) {
            return Optional.empty();
        }
        boolean reducible = by.leavesEnough(found.above(movement.arc().least()));
        return Optional.of(new Reason.RangeShort(
                movement.motion(), needed, found, reading.get().date(), reducible));
    }

    /** The later of the passive and the active reading: active range is a lower bound of passive. */
    private static Optional<Reading> latest(Measure measure, Facts facts) {
        Optional<Reading> passive = facts.readings().latestStrict(measure.id(), facts.side(), Mode.PASSIVE);
        Optional<Reading> active = facts.readings().latestStrict(measure.id(), facts.side(), Mode.ACTIVE);
        if (passive.isEmpty() || active.isEmpty()) {
            return passive.or(() -> active);
        }
        return active.get().date().isAfter(passive.get().date()) ? active : passive;
    }

    private static boolean isStale(Reading reading, Measure measure, LocalDate known) {
        return ChronoUnit.DAYS.between(reading.date(), known) > measure.validDays();
    }
}
