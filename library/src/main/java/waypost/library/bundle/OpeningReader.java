package waypost.library.bundle;

import java.util.List;
import waypost.core.exercise.RoleKey;
import waypost.core.protocol.Criterion;
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
        return new Opening(role, cases);
    }

    private Opening.Case oneCase(Entry entry) {
        List<String> phaseIds = phases.stream().map(Phase::id).toList();
        List<String> criterionIds = criteria.stream().map(Criterion::id).toList();
        return new Opening.Case(
                conditions.when(entry),
                entry.at("from").as(Moment::parse),
                entry.maybe("phase", id -> known(id, phaseIds)),
                entry.list("needs", need -> need.as(id -> known(id, criterionIds))));
    }

    static String known(String id, List<String> ids) {
        if (!ids.contains(id)) {
            throw new IllegalArgumentException(Suggestion.oneOf(id, ids));
        }
        return id;
    }
}
