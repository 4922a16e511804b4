package waypost.library.bundle;

import java.util.List;
import java.util.Map;
import waypost.core.body.Mode;
import waypost.core.measure.Measure;
import waypost.core.protocol.Criterion;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Reads milestones. */
record CriterionReader(Map<String, Measure> measures) {

    private static final List<String> KINDS = List.of("reach", "deficit", "symmetry", "observed");

    Criterion criterion(Entry entry) {
        List<String> kinds = KINDS.stream().filter(entry::has).toList();
        if (kinds.size() != 1) {
            throw new IllegalArgumentException("found " + (kinds.isEmpty() ? "none" : String.join(" and ", kinds))
                    + ", allowed: exactly one of " + String.join(", ", KINDS));
        }
        String id = entry.text("id");
        String title = entry.text("title");
        Mode mode = entry.maybe("mode", word -> Word.read(Mode.class, word)).orElse(Mode.ACTIVE);
        Measure measure = entry.at(kinds.get(0)).as(this::measure);
        return switch (kinds.get(0)) {
            case "reach" ->
                new Criterion.Reach(
                        id,
                        title,
                        measure,
                        mode,
                        measure.amount(entry.at("bound").as(Double::parseDouble)));
            case "deficit" ->
                new Criterion.Deficit(
                        id,
                        title,
                        measure,
                        mode,
                        measure.amount(entry.at("most").as(Double::parseDouble)));
            case "symmetry" ->
                new Criterion.SymmetryAtLeast(
                        id, title, measure, mode, entry.at("percent").as(Double::parseDouble));
            default -> new Criterion.Observed(id, title, measure);
        };
    }

    private Measure measure(String id) {
        Measure measure = measures.get(id);
        if (measure == null) {
            throw new IllegalArgumentException(Suggestion.oneOf(id, measures.keySet()));
        }
        return measure;
    }
}
