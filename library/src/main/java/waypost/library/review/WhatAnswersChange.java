package waypost.library.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import waypost.core.limit.RuleHead;
import waypost.core.protocol.Included;
import waypost.core.protocol.Opening;
import waypost.core.protocol.PainRule;
import waypost.core.protocol.Protocol;
import waypost.core.question.Condition;
import waypost.core.question.Question;

/** Which rules hold with one value of a question and not with every other. */
record WhatAnswersChange(Protocol protocol, Question question) {

    /** "Bend after meniscus repair; 6 openings", or "nothing" where a value brings no rule of its own. */
    String with(String value) {
        Predicate<Condition> only = condition -> {
            Set<String> wanted = condition.oneOf().get(question.id());
            return wanted != null && wanted.contains(value);
        };
        List<String> parts = protocol.parts().stream()
                .filter(part -> only.test(part.when()))
                .map(Included::face)
                .toList();
        List<String> said = new ArrayList<>(parts);
        heads().filter(head -> !parts.contains(head.part()))
                .filter(head -> only.test(head.when()))
                .map(RuleHead::title)
                .distinct()
                .forEach(said::add);
        long openings = protocol.openings().stream()
                .flatMap(opening -> opening.cases().stream())
                .map(Opening.Case::when)
                .filter(only)
                .count();
        if (openings > 0) {
            said.add(openings == 1 ? "1 opening" : openings + " openings");
        }
        if (protocol.scope().besides().stream().anyMatch(besides -> only.test(besides.when()))) {
            said.add("a larger region");
        }
        return said.isEmpty() ? "nothing of its own" : String.join("; ", said);
    }

    private Stream<RuleHead> heads() {
        return Stream.of(
                        protocol.limits().stream().map(limit -> limit.head()),
                        protocol.duties().stream().map(duty -> duty.head()),
                        protocol.rules().setUps().stream().map(setUp -> setUp.head()),
                        protocol.rules().pain().stream().map(PainRule::head))
                .flatMap(all -> all);
    }
}
