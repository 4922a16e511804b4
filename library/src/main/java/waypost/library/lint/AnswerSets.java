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
public final class AnswerSets {

    private static final int MOST = 4096;

    private AnswerSets() {}

    /** Every full set of answers, at most {@value #MOST} of them. */
    static List<Answers> full(Protocol protocol) {
        List<Map<String, Set<String>>> sets = List.of(Map.of());
        for (Question question : protocol.questions()) {
            List<Map<String, Set<String>>> longer = new ArrayList<>();
            for (Map<String, Set<String>> set : sets) {
                for (String value : values(question, set)) {
                    Map<String, Set<String>> next = new LinkedHashMap<>(set);
                    next.put(question.id(), Set.of(value));
                    longer.add(next);
                }
            }
            sets = longer.subList(0, Math.min(MOST, longer.size()));
        }
        return sets.stream().map(Answers::new).toList();
    }

    /** A question that is not asked under the answers before it changes nothing: one value stands for all. */
    private static List<String> values(Question question, Map<String, Set<String>> before) {
        boolean asked = question.asked().canHold(id -> before.getOrDefault(id, Set.of()));
        return asked ? question.inside() : question.inside().subList(0, 1);
    }

    /** Those without which nothing opens, each combination of them; all that may stay open is left open. */
    public static List<Answers> leastStated(Protocol protocol) {
        return making(Condition.ALWAYS, protocol);
    }

    /**
     * Answers that make a condition true and leave open what may stay open: one set for each combination of values of
     * the decisive questions that the condition does not name, since nothing opens without those. No answer for which the
     * protocol is not meant is among them.
     */
    static List<Answers> making(Condition condition, Protocol protocol) {
        List<Answers> sets = List.of(new Answers(condition.oneOf()));
        for (Question question : protocol.questions()) {
            if (condition.oneOf().containsKey(question.id())) {
                continue;
            }
            List<String> values =
                    question.isDecisive() || question.inside().size() == 1 ? question.inside() : List.of();
            if (!values.isEmpty()) {
                sets = sets.stream()
                        .flatMap(set -> values.stream().map(value -> set.with(question.id(), value)))
                        .toList();
            } else if (question.inside().size() < question.valueIds().size()) {
                sets = sets.stream()
                        .map(set -> set.possibly(question.id(), Set.copyOf(question.inside())))
                        .toList();
            }
        }
        return sets;
    }
}
