package waypost.library.bundle;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import waypost.core.protocol.Included;
import waypost.core.question.Condition;
import waypost.core.question.Question;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/**
 * A part as one protocol includes it: what the part asks is answered by a question of the protocol, once for all, or
 * asked beside the protocol's own.
 *
 * @param top the part's file
 * @param questions those of the part
 */
record Inclusion(Entry top, Included part, List<Question> questions) {

    static Inclusion read(Entry entry, Map<String, Entry> parts, List<Question> own) {
        Entry top = entry.at("part").as(id -> known(id, parts));
        List<Question> questions = top.list("questions", QuestionReader::question);
        Included part = new Included(
                top.text("part"),
                top.text("title"),
                top.text("version"),
                ConditionReader.of(own).when(entry),
                pairs(entry, "asks"),
                pairs(entry, "answers"));
        Inclusion inclusion = new Inclusion(top, part, questions);
        part.answers().forEach((id, value) -> inclusion.question(id).titleOf(value));
        part.asks()
                .forEach((id, asked) ->
                        inclusion.checkAsked(id, ConditionReader.of(own).question(asked)));
        return inclusion;
    }

    private static Entry known(String id, Map<String, Entry> parts) {
        Entry found = parts.get(id);
        if (found == null) {
            throw new IllegalArgumentException(Suggestion.oneOf(id, parts.keySet()));
        }
        return found;
    }

    private static Map<String, String> pairs(Entry entry, String key) {
        Map<String, String> pairs = new LinkedHashMap<>();
        entry.find(key).ifPresent(found -> found.entries().forEach((id, value) -> pairs.put(id, value.text())));
        return pairs;
    }

    private Question question(String id) {
        return ConditionReader.of(questions).question(id);
    }

    /** Under every answer of the protocol's under which the part is included, the part has to know the value. */
    private void checkAsked(String id, Question asked) {
        Set<String> unknown = new TreeSet<>(part.when().oneOf().getOrDefault(asked.id(), Set.copyOf(asked.valueIds())));
        List<String> values = question(id).valueIds();
        values.forEach(unknown::remove);
        if (!unknown.isEmpty()) {
            throw new IllegalArgumentException("found the answer '" + String.join("', '", unknown) + "' of '"
                    + asked.id() + "', allowed for '" + id + "': " + String.join(", ", values));
        }
    }

    /** Whether the part belongs to the operation whatever is answered. */
    boolean isAlways() {
        return part.isAlways();
    }

    /** What the protocol has to ask besides its own: only when the part belongs to the operation. */
    List<Question> besides() {
        return questions.stream()
                .filter(question -> !part.asks().containsKey(question.id())
                        && !part.answers().containsKey(question.id()))
                .map(question -> question.asked(part.when()))
                .toList();
    }

    /** A condition of the part, said of the protocol's questions. */
    Condition within(Condition written) {
        Map<String, Set<String>> oneOf = new HashMap<>();
        written.oneOf().forEach((id, values) -> {
            String fixed = part.answers().get(id);
            if (fixed == null) {
                oneOf.put(part.asks().getOrDefault(id, id), values);
            } else if (!values.contains(fixed)) {
                oneOf.put(id, Set.of());
            }
        });
        return part.when().and(new Condition(oneOf));
    }
}
