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
        boolean alone = entry.has("from") || entry.has("phase");
        if (entry.has("cases") == alone) {
            throw new IllegalArgumentException("found " + (alone ? "both" : "neither")
                    + ", allowed: either 'cases', or 'from' or 'phase' of the one case");
        }
        List<Opening.Case> cases = entry.has("cases") ? entry.list("cases", this::oneCase) : List.of(oneCase(entry));
        return new Opening(
                role,
                cases,
                List.of(),
                criteria(entry, "off-when"),
                entry.maybe("surgeon-only", Boolean::parseBoolean).orElse(false));
    }

    private Opening.Case oneCase(Entry entry) {
        List<String> phaseIds = phases.stream().map(Phase::id).toList();
        return new Opening.Case(
                conditions.when(entry),
                entry.find("clock").map(Entry::text).orElse(""),
                from(entry),
                entry.maybe("until", Moment::parse),
                entry.maybe("phase", id -> known(id, phaseIds)),
                criteria(entry, "needs"),
                entry.maybe("regardless-from", Moment::parse));
    }

    /** As written; what only a phase opens is open from its earliest day. */
    private Moment from(Entry entry) {
        return entry.find("phase")
                .filter(phase -> !entry.has("from"))
                .flatMap(phase -> phases.stream()
                        .filter(known -> known.id().equals(phase.text()))
                        .findFirst())
                .map(Phase::earliest)
                .orElseGet(() -> entry.at("from").as(Moment::parse));
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
