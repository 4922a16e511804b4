package waypost.core.measure;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import waypost.core.body.Mode;
import waypost.core.body.Side;

/**
 * Every reading known of one course up to a date, oldest first. Looking at an earlier date costs nothing: the readings
 * are sorted once and each look is a part of them.
 */
public final class Readings {

    public static final Readings NONE = new Readings(List.of());

    /** What a reading is of. */
    private record Of(String measure, Side side, Mode mode) {
        static Of what(Reading reading) {
            return new Of(reading.measure(), reading.side(), reading.mode());
        }
    }

    private final List<Reading> sorted;
    private final Map<Of, List<Reading>> strict;
    private final LocalDate until;

    public Readings(Collection<Reading> readings) {
        sorted = readings.stream().sorted(Comparator.comparing(Reading::date)).toList();
        strict = sorted.stream()
                .filter(Reading::strict)
                .collect(Collectors.groupingBy(Of::what, HashMap::new, Collectors.toList()));
        until = LocalDate.MAX;
    }

    private Readings(Readings all, LocalDate until) {
        this.sorted = all.sorted;
        this.strict = all.strict;
        this.until = until;
    }

    /** What was measured on or before {@code date}. */
    public Readings upTo(LocalDate date) {
        return date.isBefore(until) ? new Readings(this, date) : this;
    }

    /** These without what was measured of one side before {@code start}. */
    public Readings from(LocalDate start, Side side) {
        boolean none = sorted.isEmpty() || !sorted.get(0).date().isBefore(start);
        return none
                ? this
                : new Readings(all().stream()
                        .filter(reading ->
                                reading.side() != side || !reading.date().isBefore(start))
                        .toList());
    }

    public List<Reading> all() {
        return known(sorted);
    }

    /** Strict readings of one measure, side and mode, oldest first. */
    public List<Reading> strict(String measure, Side side, Mode mode) {
        return known(strict.getOrDefault(new Of(measure, side, mode), List.of()));
    }

    public Optional<Reading> latestStrict(String measure, Side side, Mode mode) {
        return last(strict(measure, side, mode));
    }

    /** The last strict reading of one day. */
    public Optional<Reading> latestOn(LocalDate date, String measure, Side side, Mode mode) {
        return upTo(date)
                .latestStrict(measure, side, mode)
                .filter(reading -> reading.date().equals(date));
    }

    /** The latest strict reading that was taken as {@code like} was: the same tool in the same position. */
    public Optional<Reading> latestAlike(Reading like, String measure, Side side) {
        return last(strict(measure, side, like.mode()).stream()
                .filter(reading -> reading.isTakenLike(like))
                .toList());
    }

    private static Optional<Reading> last(List<Reading> readings) {
        return readings.isEmpty() ? Optional.empty() : Optional.of(readings.get(readings.size() - 1));
    }

    private List<Reading> known(List<Reading> readings) {
        int end = readings.size();
        if (end == 0 || !readings.get(end - 1).date().isAfter(until)) {
            return readings;
        }
        int begin = 0;
        while (begin < end) {
            int middle = (begin + end) >>> 1;
            if (readings.get(middle).date().isAfter(until)) {
                end = middle;
            } else {
                begin = middle + 1;
            }
        }
        return readings.subList(0, begin);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Readings readings && all().equals(readings.all());
    }

    @Override
    public int hashCode() {
        return all().hashCode();
    }
}
