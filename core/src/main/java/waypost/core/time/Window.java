package waypost.core.time;

import java.util.Optional;
import java.util.stream.Stream;

/** The days from {@code from} (inclusive) until {@code until} (exclusive); without an end when {@code until} is empty. */
public record Window(CourseDay from, Optional<CourseDay> until) {

    public Window {
        if (until.isPresent() && !from.isBefore(until.get())) {
            throw new IllegalArgumentException(
                    "window: found from " + from + " until " + until.get() + ", allowed: an end after its start");
        }
    }

    public static Window between(CourseDay fromInclusive, CourseDay untilExclusive) {
        return new Window(fromInclusive, Optional.of(untilExclusive));
    }

    public static Window startingOn(CourseDay fromInclusive) {
        return new Window(fromInclusive, Optional.empty());
    }

    public boolean contains(CourseDay day) {
        return !day.isBefore(from) && until.map(day::isBefore).orElse(true);
    }

    /** The days on which it begins and ends. */
    public Stream<CourseDay> ends() {
        return Stream.concat(Stream.of(from), until.stream());
    }
}
