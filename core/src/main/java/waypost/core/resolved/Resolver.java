package waypost.core.resolved;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import waypost.core.protocol.Limit;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Protocol;
import waypost.core.protocol.Provenance;
import waypost.core.protocol.RuleHead;
import waypost.core.question.Answers;
import waypost.core.question.Condition;
import waypost.core.question.Question;

/** Merges a protocol with the answers of one operation note and one day 0. */
public final class Resolver {

    private final Protocol protocol;
    private final Answers answers;
    private final LocalDate dayZero;
    private final Function<String, Set<String>> possible;

    private Resolver(Protocol protocol, Answers answers, LocalDate dayZero) {
        this.protocol = protocol;
        this.answers = answers;
        this.dayZero = dayZero;
        this.possible = id -> answers.possible(protocol.question(id));
    }

    /** The rules in force for this course. A limit stays if some combination of possible values makes it apply. */
    public static Resolved resolve(Protocol protocol, Answers answers, LocalDate dayZero) {
        answers.checkAgainst(protocol.questions());
        Resolver resolver = new Resolver(protocol, answers, dayZero);
        return new Resolved(
                protocol,
                answers,
                dayZero,
                protocol.limits().stream()
                        .filter(limit -> limit.head().when().canHold(resolver.possible))
                        .<InForce<?>>map(resolver::inForce)
                        .toList(),
                protocol.openings().stream().collect(Collectors.toMap(Opening::role, resolver::opening)),
                protocol.duties().stream()
                        .filter(duty -> duty.head().when().canHold(resolver.possible))
                        .map(duty -> new Resolved.DutyInForce(duty, resolver.provenance(duty.head())))
                        .toList());
    }

    private <T> InForce<T> inForce(Limit<T> limit) {
        return new InForce<>(limit, limit.schedule().on(dayZero), provenance(limit.head()));
    }

    private Provenance provenance(RuleHead head) {
        return provenance(head.id(), head.title(), head.when(), head.surgeonOnly());
    }

    private Provenance provenance(String id, String title, Condition when, boolean surgeonOnly) {
        List<Provenance.Because> because = when.oneOf().entrySet().stream()
                .map(e -> because(protocol.question(e.getKey()), e.getValue()))
                .sorted(Comparator.comparing(Provenance.Because::question))
                .toList();
        return new Provenance(id, title, protocol.face(), because, surgeonOnly);
    }

    private Provenance.Because because(Question question, Set<String> makeItApply) {
        Set<String> still = answers.possible(question);
        Set<String> applying = new LinkedHashSet<>(question.valueIds());
        applying.retainAll(still);
        applying.retainAll(makeItApply);
        return new Provenance.Because(question.id(), question.prompt(), applying, makeItApply.containsAll(still));
    }

    private OpeningInForce opening(Opening opening) {
        List<OpeningInForce.Needed> needed = opening.cases().stream()
                .filter(c -> c.when().canHold(possible))
                .map(c -> new OpeningInForce.Needed(
                        c.from().from(dayZero),
                        c.from().toString(),
                        c.phase().map(protocol::phase),
                        c.milestones().stream().map(protocol::criterion).toList(),
                        provenance("opening." + opening.role(), "Opening", c.when(), false)))
                .toList();
        return new OpeningInForce(needed, uncovered(opening));
    }

    /** The questions whose open answers leave a combination that no case covers; empty when all are covered. */
    private List<String> uncovered(Opening opening) {
        List<String> asked = opening.cases().stream()
                .flatMap(c -> c.when().oneOf().keySet().stream())
                .distinct()
                .toList();
        List<Map<String, String>> combinations = List.of(Map.of());
        for (String question : asked) {
            combinations = extended(combinations, question);
        }
        boolean all = combinations.stream()
                .allMatch(combination ->
                        opening.cases().stream().anyMatch(c -> c.when().holdsIn(combination)));
        return all ? List.of() : asked;
    }

    private List<Map<String, String>> extended(List<Map<String, String>> combinations, String question) {
        List<Map<String, String>> longer = new ArrayList<>();
        for (Map<String, String> combination : combinations) {
            for (String value : possible.apply(question)) {
                Map<String, String> next = new HashMap<>(combination);
                next.put(question, value);
                longer.add(next);
            }
        }
        return longer;
    }
}
