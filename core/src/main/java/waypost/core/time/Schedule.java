package waypost.core.time;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Steps as a protocol writes them, in moments rather than days.
 *
 * @param <T> what holds from each moment on
 */
public record Schedule<T>(List<Entry<T>> entries) {

    /**
     * From this moment on, until the next entry's, {@code value} holds.
     *
     * @param needs ids of criteria without which this entry does not come into force
     */
    public record Entry<T>(Moment from, T value, List<String> needs) {
        public Entry {
            needs = List.copyOf(needs);
        }

        public Entry(Moment from, T value) {
            this(from, value, List.of());
        }
    }

    public Schedule {
        entries = List.copyOf(entries);
        if (entries.isEmpty()) {
            throw new IllegalArgumentException("steps: found none, allowed: at least one");
        }
    }

    /** The calendar months that its moments count, without those that count none. */
    public IntStream months() {
        return entries.stream().mapToInt(entry -> entry.from().months()).filter(months -> months > 0);
    }

    /** The steps in course days, counted from {@code start}. Entries that do not follow each other are refused. */
    public Steps<T> on(Clocks clocks, LocalDate start) {
        List<Steps.Step<T>> steps = new ArrayList<>();
        for (Entry<T> entry : entries) {
            steps.add(new Steps.Step<>(clocks.day(entry.from(), start), entry.value(), entry.needs()));
        }
        return new Steps<>(steps);
    }
}
