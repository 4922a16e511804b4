package waypost.library.bundle;

import java.util.List;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.RoleKey;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Phase;
import waypost.core.time.Moment;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Reads openings. */
record OpeningReader(ConditionReader conditions, List<Phase> phases, List<Criterion> criteria) {

    Opening opening(Entry entry) {
        RoleKey role = entry.at("open").as(RoleKey::of);
        if (entry.has("cases") == entry.has("from")) {
            throw new IllegalArgumentException(
                    "found " + (entry.has("from") ? "both" : "neither") + ", allowed: either 'from' or 'cases'");
        }
        List<Opening.Case> cases = entry.has("cases") ? entry.list("cases", this::oneCase) : List.of(oneCase(entry));
        return new Opening(
                role,
                cases,
                criteria(entry, "off-when"),
                entry.maybe("surgeon-only", Boolean::parseBoolean).orElse(false));
    }

    private Opening.Case oneCase(Entry entry) {
        List<String> phaseIds = phases.stream().map(Phase::id).toList();
        return new Opening.Case(
                conditions.when(entry),
                entry.find("clock").map(Entry::text).orElse(""),
                entry.at("from").as(Moment::parse),
                entry.maybe("until", Moment::parse),
                entry.maybe("phase", id -> known(id, phaseIds)),
                criteria(entry, "needs"),
                entry.maybe("regardless-from", Moment::parse));
    }

    private List<String> criteria(Entry entry, String key) {
        List<String> ids = criteria.stream().map(Criterion::id).toList();
        return entry.list(key, need -> need.as(id -> known(id, ids)));
    }

    static String known(String id, List<String> ids) {
        if (!ids.contains(id)) {
            throw new IllegalArgumentException(Suggestion.oneOf(id, ids));
        }
        return id;
    }
}
