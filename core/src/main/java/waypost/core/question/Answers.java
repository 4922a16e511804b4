package waypost.core.question;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * For each question the values that are still possible. Not stated is all of them: unknown is never taken as "no".
 *
 * @param stated by question id; a question that is absent was not stated
 */
public record Answers(Map<String, Set<String>> stated) {

    public static final Answers NONE = new Answers(Map.of());

    public Answers {
        stated = Map.copyOf(stated);
        stated.forEach((question, values) -> {
            if (values.isEmpty()) {
                throw new IllegalArgumentException(
                        question + ": found no possible value, allowed: at least one, or not stated");
            }
        });
    }

    /** The values of {@code question} that are still possible. */
    public Set<String> possible(Question question) {
        Set<String> values = stated.get(question.id());
        if (values != null) {
            return values;
        }
        return question.usual().map(Set::of).orElseGet(() -> new LinkedHashSet<>(question.valueIds()));
    }

    /** Whether more than one value is still possible. */
    public boolean leavesOpen(Question question) {
        return possible(question).size() > 1;
    }

    /** Whether a school's default serves because none was chosen. */
    public boolean usesDefault(Question question) {
        return question.usual().isPresent() && !stated.containsKey(question.id());
    }

    /** Refuses an answer to a question that is not asked, or a value that it does not have. */
    public void checkAgainst(List<Question> questions) {
        stated.forEach((id, values) -> {
            Question question = questions.stream()
                    .filter(q -> q.id().equals(id))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("answer: found '" + id + "', allowed: "
                            + String.join(
                                    ", ", questions.stream().map(Question::id).toList())));
            values.forEach(question::titleOf);
        });
    }

    /** Those to questions that are asked, with values that they have; the others count as not stated. */
    public Answers fitting(List<Question> questions) {
        Map<String, Set<String>> known = new LinkedHashMap<>();
        questions.forEach(question -> {
            Set<String> values = stated.getOrDefault(question.id(), Set.of());
            if (!values.isEmpty() && question.valueIds().containsAll(values)) {
                known.put(question.id(), values);
            }
        });
        return new Answers(known);
    }

    /** Whether every answer of {@code others} stands here too. */
    public boolean extend(Answers others) {
        return stated.entrySet().containsAll(others.stated.entrySet());
    }

    /** These with one more answer. */
    public Answers with(String question, String value) {
        return possibly(question, Set.of(value));
    }

    /** These with several values left possible for one more question. */
    public Answers possibly(String question, Set<String> values) {
        Map<String, Set<String>> more = new LinkedHashMap<>(stated);
        more.put(question, values);
        return new Answers(more);
    }
}
