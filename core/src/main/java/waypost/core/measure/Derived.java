package waypost.core.measure;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.body.Mode;
import waypost.core.body.Side;

/** Works out derived measures from what was measured, day by day. */
public record Derived(List<Measure> measures) {

    public Derived {
        measures = measures.stream()
                .filter(measure -> measure.taken().derivation().isPresent())
                .toList();
    }

    /** The readings with all that follows from them; a derived value that somebody entered for a day stays as entered. */
    public Readings in(Readings readings) {
        List<Reading> worked = new ArrayList<>();
        for (Measure measure : measures) {
            for (Side side : Side.values()) {
                worked.addAll(of(measure, side, readings));
            }
        }
        return worked.isEmpty()
                ? readings
                : new Readings(
                        Stream.concat(readings.all().stream(), worked.stream()).toList());
    }

    private static List<Reading> of(Measure measure, Side side, Readings readings) {
        Derivation derivation = measure.taken().derivation().orElseThrow();
        Set<LocalDate> entered = readings.strict(measure.id(), side, Mode.ACTIVE).stream()
                .map(Reading::date)
                .collect(Collectors.toSet());
        Derivation.Term first = derivation.terms().get(0);
        return readings.strict(first.measure(), side, first.mode()).stream()
                .map(Reading::date)
                .distinct()
                .filter(date -> !entered.contains(date))
                .flatMap(date -> on(date, measure, side, readings).stream())
                .toList();
    }

    private static Optional<Reading> on(LocalDate date, Measure measure, Side side, Readings readings) {
        Derivation derivation = measure.taken().derivation().orElseThrow();
        List<Reading> terms = derivation.terms().stream()
                .flatMap(term -> readings.latestOn(date, term.measure(), side, term.mode()).stream())
                .toList();
        if (terms.size() < derivation.terms().size()) {
            return Optional.empty();
        }
        double value = derivation.from(
                terms.stream().mapToDouble(term -> term.amount().value()).toArray());
        double possible = Math.min(Math.max(value, measure.least()), measure.most());
        Reading first = terms.get(0);
        return Optional.of(new Reading(
                measure.id(),
                side,
                Mode.ACTIVE,
                measure.amount(possible),
                date,
                true,
                first.rater(),
                first.tool(),
                first.position()));
    }
}
