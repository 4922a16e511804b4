package waypost.library.bundle;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import waypost.core.question.Condition;
import waypost.core.question.Question;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Reads conditions: "graft is hamstring", "meniscus-repair is not none", "meniscus-repair is radial|root". */
record ConditionReader(List<Question> questions) {

    private static final Pattern CLAUSE = Pattern.compile("([a-z0-9.-]+) is (not )?([a-z0-9.|-]+)");

    /** The condition under "when", or always. */
    Condition when(Entry rule) {
        Map<String, Set<String>> oneOf = new HashMap<>();
        rule.list("when", clause -> clause.as(this::clause))
                .forEach(clause -> oneOf.merge(clause.getKey(), clause.getValue(), ConditionReader::both));
        return new Condition(oneOf);
    }

    private static Set<String> both(Set<String> one, Set<String> other) {
        Set<String> shared = new LinkedHashSet<>(one);
        shared.retainAll(other);
        return shared;
    }

    private Map.Entry<String, Set<String>> clause(String text) {
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
        return Map.entry(question.id(), makeItTrue);
    }

    private Question question(String id) {
        return questions.stream()
                .filter(q -> q.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(Suggestion.oneOf(
                        id, questions.stream().map(Question::id).toList())));
    }
}
