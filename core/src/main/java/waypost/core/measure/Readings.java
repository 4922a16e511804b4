package waypost.core.measure;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.body.Mode;
import waypost.core.body.Side;

/** Every reading known of one course, oldest first. */
public record Readings(List<Reading> all) {

    public static final Readings NONE = new Readings(List.of());

    public Readings {
        all = all.stream().sorted(Comparator.comparing(Reading::date)).toList();
    }

    /** What was measured on or before {@code date}. */
    public Readings upTo(LocalDate date) {
        return new Readings(all.stream().filter(r -> !r.date().isAfter(date)).toList());
    }

    /** Strict readings of one measure, side and mode, oldest first. */
    public List<Reading> strict(String measure, Side side, Mode mode) {
        return all.stream()
                .filter(r -> r.strict() && r.measure().equals(measure) && r.side() == side && r.mode() == mode)
                .toList();
    }

    public Optional<Reading> latestStrict(String measure, Side side, Mode mode) {
        List<Reading> found = strict(measure, side, mode);
        return found.isEmpty() ? Optional.empty() : Optional.of(found.get(found.size() - 1));
    }

    /**
     * Active readings of a range that go further than a passive one of the same side and day by more than the tool's
     * error: one of the two is wrong.
     */
    public List<Reading> activeBeyondPassive(Measure measure) {
        return ofMode(measure, Mode.ACTIVE)
                .filter(active -> ofMode(measure, Mode.PASSIVE)
                        .anyMatch(passive -> passive.side() == active.side()
                                && passive.date().equals(active.date())
                                && measure.gain(passive.amount(), active.amount())
                                        > measure.errorBetween(passive, active)))
                .toList();
    }

    private Stream<Reading> ofMode(Measure measure, Mode mode) {
        return all.stream().filter(r -> r.measure().equals(measure.id()) && r.mode() == mode);
    }
}
