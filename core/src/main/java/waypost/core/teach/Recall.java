package waypost.core.teach;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Whether a precaution is to be taught back today. One that was never missed stays known until it changes; one that was
 * comes back after a week and after three more. The distances are common practice, no source.
 *
 * @param missed how often it lapsed or was only half known
 * @param last the last time it was asked for or lapsed
 * @param again the day on which what was missed before is asked for once more; empty where it is not
 */
public record Recall(State state, int missed, Optional<TaughtBack> last, Optional<LocalDate> again) {

    /** Why it is due, or that it is not. */
    public enum State {
        NEVER_ASKED,
        LAPSED,
        HALF_KNOWN,
        CHANGED,
        ONCE_MORE,
        KNOWN
    }

    private static final List<Integer> DAYS_UNTIL_ONCE_MORE = List.of(7, 21);

    /** What is due first, and of that what was missed most. */
    public static final Comparator<Recall> ORDER = Comparator.comparing((Recall recall) -> !recall.isDue())
            .thenComparing(Comparator.comparingInt(Recall::missed).reversed());

    /**
     * @param times all times that it was asked for, oldest first
     * @param words how it reads today
     */
    public static Recall of(List<TaughtBack> times, String words, LocalDate today) {
        int missed = (int) times.stream().filter(TaughtBack::isMissed).count();
        if (times.isEmpty()) {
            return new Recall(State.NEVER_ASKED, 0, Optional.empty(), Optional.empty());
        }
        TaughtBack last = times.get(times.size() - 1);
        Optional<LocalDate> again = again(times, missed);
        return new Recall(state(last, again, words, today), missed, Optional.of(last), again);
    }

    private static State state(TaughtBack last, Optional<LocalDate> again, String words, LocalDate today) {
        if (last.isLapse()) {
            return State.LAPSED;
        }
        if (last.isMissed()) {
            return State.HALF_KNOWN;
        }
        if (!last.taught().equals(words)) {
            return State.CHANGED;
        }
        return again.filter(day -> !today.isBefore(day)).isPresent() ? State.ONCE_MORE : State.KNOWN;
    }

    /** Counted from the last time it was known; several times on one day are one. */
    private static Optional<LocalDate> again(List<TaughtBack> times, int missed) {
        int lastMiss = times.size() - 1;
        while (lastMiss >= 0 && !times.get(lastMiss).isMissed()) {
            lastMiss--;
        }
        List<LocalDate> known = times.subList(lastMiss + 1, times.size()).stream()
                .map(TaughtBack::on)
                .distinct()
                .toList();
        return missed == 0 || known.isEmpty() || known.size() > DAYS_UNTIL_ONCE_MORE.size()
                ? Optional.empty()
                : Optional.of(known.get(known.size() - 1).plusDays(DAYS_UNTIL_ONCE_MORE.get(known.size() - 1)));
    }

    public boolean isDue() {
        return state != State.KNOWN;
    }
}
