package waypost.library.bundle;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import waypost.core.body.Mode;
import waypost.core.criterion.Criterion;
import waypost.core.criterion.CriterionHead;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Reads milestones; several together name milestones that stand before them. */
final class CriterionReader {

    private final Map<String, Measure> measures;
    private final List<Criterion> read = new ArrayList<>();
    private final Map<String, Function<Entry, Criterion>> kinds = new LinkedHashMap<>();

    /** @param shared milestones that stand before all of the file's own */
    CriterionReader(Map<String, Measure> measures, Collection<Criterion> shared) {
        this.measures = measures;
        read.addAll(shared);
        readMeasured();
        readSaid();
    }

    private void readMeasured() {
        kinds.put(
                "reach", e -> new Criterion.Reach(head(e), measure(e, "reach"), mode(e), amount(e, "reach", "bound")));
        kinds.put(
                "no-further",
                e -> new Criterion.NoFurther(
                        head(e), measure(e, "no-further"), mode(e), amount(e, "no-further", "bound")));
        kinds.put(
                "deficit",
                e -> new Criterion.Deficit(
                        head(e),
                        measure(e, "deficit"),
                        mode(e),
                        amount(e, "deficit", "most"),
                        Word.maybe(e, "against", Criterion.Deficit.Against.class)
                                .orElse(Criterion.Deficit.Against.OTHER_SIDE)));
        kinds.put(
                "symmetry",
                e -> new Criterion.SymmetryAtLeast(head(e), measure(e, "symmetry"), mode(e), number(e, "percent")));
        kinds.put(
                "ratio",
                e -> new Criterion.RatioBetween(
                        head(e),
                        measure(e, "ratio"),
                        measure(e, "to"),
                        mode(e),
                        number(e, "least"),
                        number(e, "most")));
        kinds.put("observed", e -> new Criterion.Observed(head(e), measure(e, "observed")));
    }

    private void readSaid() {
        kinds.put("clearance", e -> attested(e, "clearance", Criterion.Attested.Kind.CLEARANCE));
        kinds.put("taught-back", e -> attested(e, "taught-back", Criterion.Attested.Kind.TAUGHT_BACK));
        kinds.put("imaging", e -> attested(e, "imaging", Criterion.Attested.Kind.IMAGING_SEEN));
        kinds.put(
                "tolerated",
                e -> new Criterion.Tolerated(
                        head(e),
                        Set.copyOf(e.list("tolerated", Entry::text)),
                        e.at("sessions").as(Integer::parseInt)));
        kinds.put("any-of", e -> several(e, "any-of", Criterion.Several.Wanted.ANY));
        kinds.put("all-of", e -> several(e, "all-of", Criterion.Several.Wanted.ALL));
    }

    Criterion criterion(Entry entry) {
        Criterion criterion = entry.byKind(kinds);
        read.add(criterion);
        return criterion;
    }

    private static CriterionHead head(Entry entry) {
        Optional<Integer> days = entry.maybe("valid-days", Integer::parseInt);
        return new CriterionHead(
                entry.text("id"),
                entry.text("title"),
                entry.maybe("latched", Boolean::parseBoolean).orElse(false),
                days.map(OptionalInt::of).orElseGet(OptionalInt::empty));
    }

    private static Criterion attested(Entry entry, String key, Criterion.Attested.Kind kind) {
        return new Criterion.Attested(head(entry), kind, entry.text(key));
    }

    private Criterion several(Entry entry, String key, Criterion.Several.Wanted wanted) {
        return new Criterion.Several(head(entry), wanted, entry.list(key, part -> part.as(this::earlier)));
    }

    private Criterion earlier(String id) {
        return read.stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        Suggestion.oneOf(id, read.stream().map(Criterion::id).toList())));
    }

    private static Mode mode(Entry entry) {
        return Word.maybe(entry, "mode", Mode.class).orElse(Mode.ACTIVE);
    }

    private static double number(Entry entry, String key) {
        return entry.at(key).as(Double::parseDouble);
    }

    private Amount amount(Entry entry, String measureKey, String key) {
        Measure measure = measure(entry, measureKey);
        return entry.at(key).as(text -> measure.amount(Double.parseDouble(text)));
    }

    private Measure measure(Entry entry, String key) {
        return entry.at(key).as(id -> {
            Measure measure = measures.get(id);
            if (measure == null) {
                throw new IllegalArgumentException(Suggestion.oneOf(id, measures.keySet()));
            }
            return measure;
        });
    }
}
