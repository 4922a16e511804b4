package waypost.core.time;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A value that changes in steps: each holds from its day until the next begins; before the first there is none.
 *
 * @param <T> what holds on a day
 */
public record Steps<T>(List<Step<T>> steps) {

    /** One step: the value and the window in which it holds. */
    public record Step<T>(Window window, T value) {}

    public Steps {
        steps = List.copyOf(steps);
    }

    /** The step that holds on {@code day}; empty before the first. */
    public Optional<Step<T>> on(CourseDay day) {
        for (Step<T> step : steps) {
            if (step.window().contains(day)) {
                return Optional.of(step);
            }
        }
        return Optional.empty();
    }

    /** The days on which the value changes. */
    public Stream<CourseDay> changes() {
        return steps.stream().map(step -> step.window().from());
    }
}
