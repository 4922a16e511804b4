package waypost.core.time;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A value that changes in steps: each holds from its day until the next begins; before the first there is none. A step
 * that needs criteria begins only while they are met; until then the step before it goes on.
 *
 * @param <T> what holds on a day
 */
public record Steps<T>(List<Step<T>> steps) {

    /** One step: from when, what, and the criteria without which it does not begin. */
    public record Step<T>(CourseDay from, T value, List<String> needs) {
        public Step {
            needs = List.copyOf(needs);
        }

        boolean holdsOn(CourseDay day, Set<String> met) {
            return !day.isBefore(from) && met.containsAll(needs);
        }
    }

    /**
     * The step in force on a day.
     *
     * @param until the day on which time alone brings the next step, if one is written
     * @param orOnceMet criteria that would bring a further step sooner
     */
    public record Current<T>(T value, CourseDay since, Optional<CourseDay> until, List<String> orOnceMet) {
        public Current {
            orOnceMet = List.copyOf(orOnceMet);
        }
    }

    public Steps {
        steps = List.copyOf(steps);
        for (int i = 1; i < steps.size(); i++) {
            if (!steps.get(i - 1).from().isBefore(steps.get(i).from())) {
                throw new IllegalArgumentException(
                        "steps: found " + steps.get(i).from() + " after "
                                + steps.get(i - 1).from() + ", allowed: each later than the one before");
            }
        }
    }

    /** The value in force on {@code day}; empty before the first step. */
    public Optional<T> valueOn(CourseDay day, Set<String> met) {
        int at = indexOn(day, met);
        return at < 0 ? Optional.empty() : Optional.of(steps.get(at).value());
    }

    /** The step in force on {@code day}, with what ends it; empty before the first step. */
    public Optional<Current<T>> on(CourseDay day, Set<String> met) {
        int at = indexOn(day, met);
        if (at < 0) {
            return Optional.empty();
        }
        Optional<CourseDay> until = Optional.empty();
        List<String> orOnceMet = List.of();
        for (int i = at + 1; i < steps.size() && until.isEmpty(); i++) {
            Step<T> later = steps.get(i);
            boolean ready = met.containsAll(later.needs());
            if (ready && day.isBefore(later.from())) {
                until = Optional.of(later.from());
            } else if (!ready && orOnceMet.isEmpty()) {
                orOnceMet = later.needs();
            }
        }
        return Optional.of(new Current<>(steps.get(at).value(), steps.get(at).from(), until, orOnceMet));
    }

    private int indexOn(CourseDay day, Set<String> met) {
        for (int i = steps.size() - 1; i >= 0; i--) {
            if (steps.get(i).holdsOn(day, met)) {
                return i;
            }
        }
        return -1;
    }

    /** The days on which the value may change. */
    public Stream<CourseDay> changes() {
        return steps.stream().map(Step::from);
    }

    /** Ids of the criteria that any step needs. */
    public Stream<String> needs() {
        return steps.stream().flatMap(step -> step.needs().stream());
    }
}
