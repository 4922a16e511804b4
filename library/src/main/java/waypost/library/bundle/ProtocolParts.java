package waypost.library.bundle;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.criterion.Criterion;
import waypost.core.protocol.Duty;
import waypost.core.protocol.FollowUp;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.protocol.Scope;
import waypost.core.question.Question;
import waypost.core.time.DayZero;
import waypost.core.time.Moment;
import waypost.library.text.Entry;

/** A protocol while it is being read: its own rules first, then those of its parts and of its supplements. */
final class ProtocolParts {

    private final Entry top;
    private final SharedParts shared;
    private final List<Phase> phases;
    private final List<Criterion> own;
    private final List<Criterion> criteria;
    private final List<Question> questions = new ArrayList<>();
    private final List<Inclusion> inclusions;
    private final Map<Inclusion, PartOpenings> partOpenings = new LinkedHashMap<>();
    private final RulesReader rules = new RulesReader();

    ProtocolParts(Entry top, SharedParts shared) {
        this.top = top;
        this.shared = shared;
        this.own = top.list(
                "milestones",
                new CriterionReader(shared.measures(), shared.milestones().values())::criterion);
        this.criteria = withShared(own, shared);
        this.phases = top.list("phases", ProtocolParts::phase);
        List<Question> asked = top.list("questions", QuestionReader::question);
        this.inclusions = top.list("includes", entry -> Inclusion.read(entry, shared.parts(), asked));
        inclusions.stream().filter(Inclusion::isAlways).forEach(always -> questions.addAll(always.besides()));
        questions.addAll(asked);
        inclusions.stream()
                .filter(inclusion -> !inclusion.isAlways())
                .forEach(sometimes -> questions.addAll(sometimes.besides()));
        addOwn(top);
        for (Inclusion inclusion : inclusions) {
            rules.addPart(inclusion, criteria);
            partOpenings.put(inclusion, new PartOpenings(inclusion, criteria, shared.activities()));
        }
    }

    /** Its own milestones, and of the lists those whose ids it does not use for its own. */
    private static List<Criterion> withShared(List<Criterion> own, SharedParts shared) {
        Set<String> taken = own.stream().map(Criterion::id).collect(Collectors.toSet());
        return Stream.concat(
                        shared.milestones().values().stream().filter(criterion -> !taken.contains(criterion.id())),
                        own.stream())
                .toList();
    }

    private void addOwn(Entry from) {
        rules.add(from, HeadReader.of(ConditionReader.of(questions)), phases, criteria);
    }

    /** Adds the questions and rules of a supplement. */
    void supplement(Entry from) {
        questions.addAll(from.list("questions", QuestionReader::question));
        addOwn(from);
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
    void checkReferences(Set<String> ladders) {
        References references = new References(top);
        Set<String> roles = shared.activities().values().stream()
                .flatMap(a -> a.roles().stream())
                .map(role -> role.key().toString())
                .collect(Collectors.toSet());
        Set<String> activities = shared.activities().keySet();
        List<String> criterionIds = criteria.stream().map(Criterion::id).toList();
        references.check("openings", rules.openings().stream().map(o -> o.role().toString()), roles);
        references.check("left-out", top.list("left-out", Entry::text).stream(), roles);
        references.check("covers", top.list("covers", Entry::text).stream(), ladders);
        phases.forEach(phase -> references.check("phase " + phase.id(), phase.leave().stream(), criterionIds));
        rules.limits().forEach(limit -> {
            String place = "limit " + limit.head().id();
            references.check(
                    place, limit.schedule().entries().stream().flatMap(step -> step.needs().stream()), criterionIds);
            references.check(place, limit.head().exempt().stream(), activities);
        });
        references.check("clock", rules.clocksNamed(), clocks());
        inclusions.forEach(one -> references.check("part " + one.part().id(), one.part().anew().stream(), clocks()));
        references.check("set-ups", rules.setUps().stream().flatMap(s -> s.activities().stream()), activities);
        references.check("duties", rules.duties().stream().flatMap(ProtocolParts::activities), activities);
        partOpenings.forEach((inclusion, openings) -> {
            String place = "part " + inclusion.part().id();
            references.check(place, openings.named().stream(), roles);
            references.check(place, inclusion.top().list("leaves", Entry::text).stream(), roles);
        });
        checkNamedOnce(references, criterionIds);
    }

    private void checkNamedOnce(References references, List<String> criterionIds) {
        references.once("limit", rules.limits().stream().map(l -> l.head().id()).toList());
        references.once(
                "opening",
                rules.openings().stream().map(o -> o.role().toString()).toList());
        references.once("question", questions.stream().map(Question::id).toList());
        references.once("milestone", criterionIds);
        references.once("phase", phases.stream().map(Phase::id).toList());
        references.once("part", inclusions.stream().map(i -> i.part().id()).toList());
    }

    private Set<String> clocks() {
        Set<String> clocks = new HashSet<>(clocksOfAll());
        clocks.add("");
        return clocks;
    }

    private List<String> clocksOfAll() {
        return Stream.concat(Stream.of(top), inclusions.stream().map(Inclusion::top))
                .flatMap(file -> file.list("clocks", Entry::text).stream())
                .distinct()
                .toList();
    }

    private static Stream<String> activities(Duty duty) {
        if (duty instanceof Duty.Practise practise) {
            return Stream.of(practise.activity());
        }
        return duty instanceof Duty.Begin begin ? begin.activities().stream() : Stream.empty();
    }

    Protocol whole() {
        List<Opening> openings = completeOpenings();
        return new Protocol(
                top.text("protocol"),
                top.text("title"),
                top.text("version"),
                Word.at(top, "clock", DayZero.class),
                top.text("source"),
                top.text("review"),
                scope(),
                questions,
                phases,
                namedBy(openings),
                rules.with(openings),
                followUp(),
                inclusions.stream().map(Inclusion::part).toList());
    }

    private FollowUp followUp() {
        return top.find("follow-up")
                .map(reading(ConditionReader.of(questions))::followUp)
                .orElse(FollowUp.NONE)
                .measuringToo(inclusions.stream()
                        .flatMap(
                                inclusion -> reading(ConditionReader.of(inclusion)).measuring(inclusion.top()).stream())
                        .toList());
    }

    private FollowUpReader reading(ConditionReader conditions) {
        return new FollowUpReader(shared.measures(), shared.batteries(), conditions);
    }

    /** Its own milestones, and those of the lists that its rules or phases name, if only as one of several. */
    private List<Criterion> namedBy(List<Opening> openings) {
        Set<String> named = Stream.of(
                        rules.criteriaNamed(),
                        openings.stream().flatMap(Opening::allCases).flatMap(c -> c.needs().stream()),
                        phases.stream().flatMap(phase -> phase.leave().stream()))
                .flatMap(ids -> ids)
                .collect(Collectors.toSet());
        List<Criterion> used = criteria.stream()
                .filter(criterion -> own.contains(criterion) || named.contains(criterion.id()))
                .toList();
        used.forEach(criterion -> criterion.within().map(Criterion::id).forEach(named::add));
        return criteria.stream()
                .filter(criterion -> own.contains(criterion) || named.contains(criterion.id()))
                .toList();
    }

    private Scope scope() {
        Scope written = new ScopeReader(ConditionReader.of(questions)).scope(top);
        return written.with(
                inclusions.stream()
                        .flatMap(inclusion -> new ScopeReader(ConditionReader.of(inclusion))
                                .asBesides(inclusion.top(), inclusion.part().when()))
                        .toList(),
                clocksOfAll());
    }

    private List<Opening> completeOpenings() {
        return rules.openings().stream()
                .map(opening -> opening.with(partOpenings.values().stream()
                        .map(part -> part.of(opening.role()))
                        .flatMap(Optional::stream)
                        .toList()))
                .toList();
    }
}
