package waypost.core.followup;

import java.util.EnumSet;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import waypost.core.body.Mode;
import waypost.core.followup.StrictRange.Asked;
import waypost.core.followup.StrictRange.Compensation;
import waypost.core.measure.Measure;

/**
 * A range as it was taken three times: moved, by itself, and by itself without any help of the rest of the body.
 *
 * @param passive in the measure's unit; empty when it was not taken
 * @param active however it came about
 * @param strict as far as nothing else helped
 * @param by what helped to the difference
 */
public record StrictTaken(OptionalDouble passive, OptionalDouble active, OptionalDouble strict, Set<Compensation> by) {

    public StrictTaken {
        by = by.isEmpty() ? Set.of() : EnumSet.copyOf(by);
    }

    /** Why it can't be kept so. */
    public sealed interface Objection {

        record Nothing() implements Objection {}

        record NotOpen(Mode mode) implements Objection {}

        record TooFar(Mode mode, double found, double most) implements Objection {}

        record NoValue(double found, double least, double most) implements Objection {}

        /** By itself further than moved, or without help further than with it. */
        record FurtherThan(String what, double found, String than, double most) implements Objection {}

        record HelpUnnamed() implements Objection {}

        record HelpForNothing() implements Objection {}
    }

    /** Whether without help it goes less far. */
    public boolean isHelped() {
        return active.isPresent() && strict.isPresent() && active.getAsDouble() != strict.getAsDouble();
    }

    /** The first thing that is wrong with it. */
    public Optional<Objection> objection(Asked asked) {
        if (passive.isEmpty() && active.isEmpty() && strict.isEmpty()) {
            return Optional.of(new Objection.Nothing());
        }
        return beyond(asked, Mode.PASSIVE, passive)
                .or(() -> beyond(asked, Mode.ACTIVE, active))
                .or(() -> beyond(asked, Mode.ACTIVE, strict))
                .or(() -> further(
                        asked.measure(),
                        "by itself",
                        active,
                        "moved",
                        passive,
                        asked.measure().error().units()))
                .or(() -> further(asked.measure(), "without help", strict, "by itself", active, 0))
                .or(this::help);
    }

    private Optional<Objection> help() {
        if (isHelped() && by.isEmpty()) {
            return Optional.of(new Objection.HelpUnnamed());
        }
        return !isHelped() && !by.isEmpty() ? Optional.of(new Objection.HelpForNothing()) : Optional.empty();
    }

    private static Optional<Objection> beyond(Asked asked, Mode mode, OptionalDouble value) {
        if (value.isEmpty()) {
            return Optional.empty();
        }
        double found = value.getAsDouble();
        Measure measure = asked.measure();
        if (asked.by(mode).isEmpty()) {
            return Optional.of(new Objection.NotOpen(mode));
        }
        if (!(found >= measure.least() && found <= measure.most())) {
            return Optional.of(new Objection.NoValue(found, measure.least(), measure.most()));
        }
        OptionalDouble most = asked.by(mode).get().degrees();
        return most.isPresent() && sign(measure) * found > most.getAsDouble() && !asked.isInCounts()
                ? Optional.of(new Objection.TooFar(mode, found, most.getAsDouble()))
                : Optional.empty();
    }

    private static Optional<Objection> further(
            Measure measure, String what, OptionalDouble value, String than, OptionalDouble most, double error) {
        return value.isPresent()
                        && most.isPresent()
                        && sign(measure) * (value.getAsDouble() - most.getAsDouble()) > error
                ? Optional.of(new Objection.FurtherThan(what, value.getAsDouble(), than, most.getAsDouble()))
                : Optional.empty();
    }

    /** Further is more, but for a level behind the back, where further is less below the other thumb. */
    private static int sign(Measure measure) {
        return measure.better() == Measure.Better.HIGHER ? 1 : -1;
    }
}
