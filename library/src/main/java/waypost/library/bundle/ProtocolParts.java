package waypost.library.bundle;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import waypost.core.body.Joint;
import waypost.core.body.Region;
import waypost.core.body.Tissue;
import waypost.core.exercise.Activity;
import waypost.core.measure.Measure;
import waypost.core.protocol.Criterion;
import waypost.core.protocol.Duty;
import waypost.core.protocol.Limit;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.question.Question;
import waypost.core.time.Moment;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** A protocol while it is being read: its own rules first, then those of its supplements. */
final class ProtocolParts {

    private final Entry top;
    private final List<Phase> phases;
    private final List<Criterion> criteria;
    private final List<Question> questions = new ArrayList<>();
    private final List<Limit<?>> limits = new ArrayList<>();
    private final List<Opening> openings = new ArrayList<>();
    private final List<Duty> duties = new ArrayList<>();

    ProtocolParts(Entry top, Map<String, Measure> measures) {
        this.top = top;
        this.criteria = top.list("milestones", new CriterionReader(measures)::criterion);
        this.phases = top.list("phases", ProtocolParts::phase);
        addRules(top);
    }

    /** Adds the questions and rules of this protocol's own file or of a supplement's. */
    void addRules(Entry from) {
        questions.addAll(from.list("questions", QuestionReader::question));
        ConditionReader conditions = new ConditionReader(questions);
        limits.addAll(from.list("limits", new LimitReader(conditions)::limit));
        openings.addAll(from.list("openings", new OpeningReader(conditions, phases, criteria)::opening));
        duties.addAll(from.list("duties", new DutyReader(conditions, criteria)::duty));
    }

    private static Phase phase(Entry entry) {
        return new Phase(
                entry.text("id"),
                entry.text("title"),
                entry.list("goals", Entry::text),
                entry.at("earliest").as(Moment::parse),
                entry.at("expected").as(Moment::parse),
                entry.list("leave", Entry::text));
    }

    /** Notes rules that name what does not exist, and ids used twice. */
    void checkReferences(Map<String, Activity> activities) {
        Set<String> roles = new HashSet<>();
        activities.values().forEach(a -> a.roles().forEach(r -> roles.add(a.id() + "/" + r.name())));
        for (Opening opening : openings) {
            if (!roles.contains(opening.role().toString())) {
                top.problem("openings: " + Suggestion.oneOf(opening.role().toString(), roles));
            }
        }
        List<String> criterionIds = criteria.stream().map(Criterion::id).toList();
        phases.forEach(phase -> phase.leave().stream()
                .filter(id -> !criterionIds.contains(id))
                .forEach(id -> top.problem("phase " + phase.id() + ": " + Suggestion.oneOf(id, criterionIds))));
        refuseTwice("limit", limits.stream().map(l -> l.head().id()).toList());
        refuseTwice("opening", openings.stream().map(o -> o.role().toString()).toList());
        refuseTwice("question", questions.stream().map(Question::id).toList());
        refuseTwice("milestone", criterionIds);
        refuseTwice("phase", phases.stream().map(Phase::id).toList());
    }

    private void refuseTwice(String what, List<String> ids) {
        Set<String> seen = new HashSet<>();
        ids.stream()
                .filter(id -> !seen.add(id))
                .forEach(id -> top.problem("found the " + what + " '" + id + "' twice, allowed: once"));
    }

    Protocol whole() {
        Entry region = top.at("region");
        return new Protocol(
                top.text("protocol"),
                top.text("title"),
                top.text("version"),
                top.text("clock"),
                top.text("source"),
                top.text("review"),
                new Region(
                        Set.copyOf(region.list("joints", e -> e.as(word -> Word.read(Joint.class, word)))),
                        Set.copyOf(region.list("tissues", e -> e.as(word -> Word.read(Tissue.class, word)))),
                        region.at("bearing").as(Boolean::parseBoolean)),
                questions,
                phases,
                criteria,
                limits,
                openings,
                duties);
    }
}
