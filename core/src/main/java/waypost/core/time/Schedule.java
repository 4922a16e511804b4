package waypost.core.time;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * Steps as a protocol writes them, in moments rather than days.
 *
 * @param <T> what holds from each moment on
 */
public record Schedule<T>(List<Entry<T>> entries) {

    /** From this moment on, until the next entry's, {@code value} holds. */
    public record Entry<T>(Moment from, T value) {}

    public Schedule {
        entries = List.copyOf(entries);
        if (entries.isEmpty()) {
            throw new IllegalArgumentException("steps: found none, allowed: at least one");
        }
    }

    /** The steps in days. Entries that do not follow each other in time are refused. */
    public Steps<T> on(LocalDate dayZero) {
        List<Steps.Step<T>> steps = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            CourseDay from = entries.get(i).from().from(dayZero);
            Window window = i + 1 < entries.size()
                    ? Window.between(from, entries.get(i + 1).from().from(dayZero))
                    : Window.startingOn(from);
            steps.add(new Steps.Step<>(window, entries.get(i).value()));
        }
        return new Steps<>(steps);
    }
}
