package waypost.library.bundle;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import waypost.core.question.Condition;
import waypost.core.question.Question;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Reads conditions: "graft is hamstring", "meniscus-repair is not none", "meniscus-repair is radial|root". */
record ConditionReader(List<Question> questions, UnaryOperator<Condition> within) {

    /** Conditions as they are written. */
    static ConditionReader of(List<Question> questions) {
        return new ConditionReader(questions, UnaryOperator.identity());
    }

    /** Conditions of a part, said of the questions of the protocol that includes it. */
    static ConditionReader of(Inclusion inclusion) {
        return new ConditionReader(inclusion.questions(), inclusion::within);
    }

    private static final Pattern CLAUSE = Pattern.compile("([a-z0-9.-]+) is (not )?([a-z0-9.|-]+)");

    /** The condition under "when", or always. */
    Condition when(Entry rule) {
        return within.apply(
                rule.list("when", clause -> clause.as(this::clause)).stream().reduce(Condition.ALWAYS, Condition::and));
    }

    private Condition clause(String text) {
        Matcher matcher = CLAUSE.matcher(text);
        if (!matcher.matches()) {
            throw new IllegalArgumentException(
                    "found '" + text + "', allowed: 'question is a|b' or 'question is not a|b'");
        }
        Question question = question(matcher.group(1));
        Set<String> named = new LinkedHashSet<>(List.of(matcher.group(3).split("\\|")));
        named.forEach(question::titleOf);
        Set<String> makeItTrue = new LinkedHashSet<>(question.valueIds());
        if (matcher.group(2) == null) {
            makeItTrue.retainAll(named);
        } else {
            makeItTrue.removeAll(named);
        }
        return new Condition(Map.of(question.id(), makeItTrue));
    }

    /** The question of this id; refused where there is none. */
    Question question(String id) {
        return questions.stream()
                .filter(q -> q.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(Suggestion.oneOf(
                        id, questions.stream().map(Question::id).toList())));
    }
}
