package waypost.library.lint;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.question.Condition;
import waypost.core.question.Question;

/** The answers under which a protocol is looked at. */
final class AnswerSets {

    private static final int MOST = 4096;

    private AnswerSets() {}

    /** Every full set of answers, at most {@value #MOST} of them. */
    static List<Answers> full(Protocol protocol) {
        List<Map<String, Set<String>>> sets = List.of(Map.of());
        for (Question question : protocol.questions()) {
            List<Map<String, Set<String>>> longer = new ArrayList<>();
            for (Map<String, Set<String>> set : sets) {
                for (String value : question.valueIds()) {
                    Map<String, Set<String>> next = new LinkedHashMap<>(set);
                    next.put(question.id(), Set.of(value));
                    longer.add(next);
                }
            }
            sets = longer.subList(0, Math.min(MOST, longer.size()));
        }
        return sets.stream().map(Answers::new).toList();
    }

    /**
     * Answers that make a condition true and leave open what may stay open: one set for each combination of values of
     * the decisive questions that the condition does not name, since nothing opens without those.
     */
    static List<Answers> making(Condition condition, Protocol protocol) {
        List<Answers> sets = List.of(new Answers(condition.oneOf()));
        for (Question question : protocol.questions()) {
            if (question.isDecisive() && !condition.oneOf().containsKey(question.id())) {
                sets = sets.stream()
                        .flatMap(set -> question.valueIds().stream().map(value -> set.with(question.id(), value)))
                        .toList();
            }
        }
        return sets;
    }
}
