package waypost.library.bundle;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.Activity;
import waypost.core.limit.Limit;
import waypost.core.measure.Measure;
import waypost.core.protocol.Duty;
import waypost.core.protocol.FollowUp;
import waypost.core.protocol.HoldRule;
import waypost.core.protocol.Opening;
import waypost.core.protocol.PainRule;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.protocol.Rules;
import waypost.core.protocol.SetUp;
import waypost.core.question.Question;
import waypost.core.time.DayZero;
import waypost.core.time.Moment;
import waypost.library.text.Entry;

/** A protocol while it is being read: its own rules first, then those of its supplements. */
final class ProtocolParts {

    private final Entry top;
    private final Map<String, Measure> measures;
    private final List<Phase> phases;
    private final List<Criterion> criteria;
    private final List<Question> questions = new ArrayList<>();
    private final List<Limit<?>> limits = new ArrayList<>();
    private final List<Opening> openings = new ArrayList<>();
    private final List<Duty> duties = new ArrayList<>();
    private final List<SetUp> setUps = new ArrayList<>();
    private final List<HoldRule> holds = new ArrayList<>();
    private final List<PainRule> pain = new ArrayList<>();

    ProtocolParts(Entry top, Map<String, Measure> measures) {
        this.top = top;
        this.measures = measures;
        this.criteria = top.list("milestones", new CriterionReader(measures)::criterion);
        this.phases = top.list("phases", ProtocolParts::phase);
        addRules(top);
    }

    /** Adds the questions and rules of this protocol's own file or of a supplement's. */
    void addRules(Entry from) {
        questions.addAll(from.list("questions", QuestionReader::question));
        ConditionReader conditions = new ConditionReader(questions);
        DutyReader dutyReader = new DutyReader(conditions, criteria);
        limits.addAll(from.list("limits", new LimitReader(conditions)::limit));
        openings.addAll(from.list("openings", new OpeningReader(conditions, phases, criteria)::opening));
        duties.addAll(from.list("duties", dutyReader::duty));
        setUps.addAll(from.list("set-ups", dutyReader::setUp));
        holds.addAll(from.list("holds", DutyReader::holdRule));
        pain.addAll(from.list("pain", dutyReader::painRule));
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
    void checkReferences(Map<String, Activity> activities, Set<String> ladders) {
        References references = new References(top);
        Set<String> roles = activities.values().stream()
                .flatMap(a -> a.roles().stream())
                .map(role -> role.key().toString())
                .collect(Collectors.toSet());
        List<String> criterionIds = criteria.stream().map(Criterion::id).toList();
        references.check("openings", openings.stream().map(o -> o.role().toString()), roles);
        references.check("left-out", top.list("left-out", Entry::text).stream(), roles);
        references.check("covers", top.list("covers", Entry::text).stream(), ladders);
        phases.forEach(phase -> references.check("phase " + phase.id(), phase.leave().stream(), criterionIds));
        limits.forEach(limit -> references.check(
                "limit " + limit.head().id(),
                limit.schedule().entries().stream().flatMap(step -> step.needs().stream()),
                criterionIds));
        limits.forEach(limit ->
                references.check("limit " + limit.head().id(), limit.head().exempt().stream(), activities.keySet()));
        references.check("clock", clocksNamed(), clocks());
        references.check("set-ups", setUps.stream().flatMap(s -> s.activities().stream()), activities.keySet());
        references.check("duties", duties.stream().flatMap(ProtocolParts::activities), activities.keySet());
        references.once("limit", limits.stream().map(l -> l.head().id()).toList());
        references.once(
                "opening", openings.stream().map(o -> o.role().toString()).toList());
        references.once("question", questions.stream().map(Question::id).toList());
        references.once("milestone", criterionIds);
        references.once("phase", phases.stream().map(Phase::id).toList());
    }

    private Stream<String> clocksNamed() {
        return Stream.of(
                        limits.stream().map(l -> l.head().clock()),
                        duties.stream().map(d -> d.head().clock()),
                        setUps.stream().map(s -> s.head().clock()),
                        openings.stream().flatMap(o -> o.cases().stream()).map(Opening.Case::clock))
                .flatMap(clocks -> clocks);
    }

    private Set<String> clocks() {
        Set<String> clocks = new HashSet<>(top.list("clocks", Entry::text));
        clocks.add("");
        return clocks;
    }

    private static Stream<String> activities(Duty duty) {
        if (duty instanceof Duty.Practise practise) {
            return Stream.of(practise.activity());
        }
        return duty instanceof Duty.Begin begin ? begin.activities().stream() : Stream.empty();
    }

    Protocol whole() {
        return new Protocol(
                top.text("protocol"),
                top.text("title"),
                top.text("version"),
                Word.at(top, "clock", DayZero.class),
                top.text("source"),
                top.text("review"),
                new ScopeReader(new ConditionReader(questions)).scope(top),
                questions,
                phases,
                criteria,
                new Rules(limits, openings, duties, setUps, holds, pain),
                top.find("follow-up")
                        .map(new FollowUpReader(measures)::followUp)
                        .orElse(FollowUp.NONE));
    }
}
