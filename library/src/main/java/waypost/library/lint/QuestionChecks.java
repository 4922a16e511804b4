package waypost.library.lint;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.protocol.Duty;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Protocol;
import waypost.core.protocol.Scope;
import waypost.core.protocol.SetUp;
import waypost.core.question.Answers;
import waypost.core.question.Condition;
import waypost.core.question.Question;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;

/** Questions that change nothing, defaults that are not the strictest, and branches with nothing for the unknown. */
record QuestionChecks(Protocol protocol, Bundle bundle, Places places) {

    private static final List<Integer> LOOKED_AT = List.of(1, 14, 28, 42, 56, 84, 112, 140, 200);

    Stream<Finding> findings() {
        return Stream.of(changingNothing(), loose(), conflicts()).flatMap(found -> found);
    }

    private Stream<Finding> changingNothing() {
        Set<String> asked =
                conditions().flatMap(c -> c.oneOf().keySet().stream()).collect(Collectors.toSet());
        return protocol.questions().stream()
                .filter(question ->
                        !asked.contains(question.id()) && !question.leadsOutside(Set.copyOf(question.valueIds())))
                .map(question -> places.rule(
                        Check.CHANGES_NOTHING,
                        protocol.id(),
                        question.id(),
                        "no rule depends on its answer",
                        "Write what each answer changes, or do not ask"));
    }

    private Stream<Condition> conditions() {
        return Stream.of(
                        protocol.limits().stream().map(l -> l.head().when()),
                        protocol.duties().stream().map(d -> d.head().when()),
                        protocol.rules().setUps().stream().map(s -> s.head().when()),
                        protocol.rules().pain().stream().map(p -> p.head().when()),
                        protocol.scope().besides().stream().map(Scope.Besides::when),
                        protocol.openings().stream().flatMap(Opening::allCases).map(Opening.Case::when))
                .flatMap(all -> all);
    }

    /** A default must not open on any of the days looked at what another value of its question closes. */
    private Stream<Finding> loose() {
        return protocol.questions().stream()
                .filter(question -> question.usual().isPresent())
                .flatMap(question -> looser(question).stream());
    }

    private Optional<Finding> looser(Question question) {
        Answers base = AnswerSets.making(Condition.ALWAYS, protocol).get(0);
        NormalHealing usual = NormalHealing.of(protocol, base, bundle);
        for (String value : question.valueIds()) {
            NormalHealing other = NormalHealing.of(protocol, base.with(question.id(), value), bundle);
            for (int day : LOOKED_AT) {
                CourseDay on = new CourseDay(day);
                Optional<String> opened = usual.on(on).openedSince(other.on(on)).stream()
                        .map(Object::toString)
                        .findFirst();
                if (opened.isPresent()) {
                    return Optional.of(places.rule(
                            Check.DEFAULT_NOT_STRICTEST,
                            protocol.id(),
                            question.id(),
                            "on day " + day + " the usual value opens " + opened.get() + ", which '" + value
                                    + "' closes",
                            "Make the strictest value the usual one, or leave it out so that one must be chosen"));
                }
            }
        }
        return Optional.empty();
    }

    private Stream<Finding> conflicts() {
        List<Finding> found = new ArrayList<>();
        Map<String, List<SetUp>> setUps =
                protocol.rules().setUps().stream().collect(Collectors.groupingBy(SetUp::concern));
        setUps.forEach((concern, rules) -> conflict(
                        concern,
                        rules.stream().map(r -> r.head().when()).toList(),
                        rules.stream().anyMatch(SetUp::whenUnknown))
                .ifPresent(found::add));
        Map<String, List<Duty.Wear>> worn = protocol.duties().stream()
                .filter(Duty.Wear.class::isInstance)
                .map(Duty.Wear.class::cast)
                .collect(Collectors.groupingBy(Duty.Wear::item));
        worn.forEach((item, rules) -> conflict(
                        item,
                        rules.stream().map(r -> r.head().when()).toList(),
                        rules.stream().anyMatch(Duty.Wear::whenUnknown))
                .ifPresent(found::add));
        return found.stream();
    }

    private Optional<Finding> conflict(String concern, List<Condition> rules, boolean servesUnknown) {
        return rules.stream()
                .flatMap(one -> rules.stream().filter(one::excludes).flatMap(other -> decisive(one, other)))
                .filter(question -> !servesUnknown && question.usual().isEmpty())
                .findFirst()
                .map(question -> places.rule(
                        Check.NOTHING_FOR_UNKNOWN,
                        protocol.id(),
                        question.id(),
                        "its answers conflict about '" + concern + "' and none is written for unknown",
                        "Mark the way that serves meanwhile with 'when-unknown: true'"));
    }

    private Stream<Question> decisive(Condition one, Condition other) {
        return one.oneOf().keySet().stream().filter(other.oneOf()::containsKey).map(protocol::question);
    }
}
