package waypost.library.bundle;

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
                top.text("source"),
                ConditionReader.of(own).when(entry),
                pairs(entry, "asks"),
                pairs(entry, "answers"),
                Set.copyOf(entry.list("anew", Entry::text)));
        Inclusion inclusion = new Inclusion(top, part, questions);
        if (!part.isAlways()) {
            inclusion.refuseSometimes(entry);
        }
        part.answers().forEach((id, value) -> inclusion.question(id).titleOf(value));
        part.asks()
                .forEach((id, asked) ->
                        inclusion.checkAsked(id, ConditionReader.of(own).question(asked)));
        return inclusion;
    }

    /** What has no condition of its own can't come and go with an answer. */
    private void refuseSometimes(Entry entry) {
        if (top.find("holds").isPresent()) {
            entry.problem("found the part '" + part.id()
                    + "', which has 'holds', under some answers only, allowed: such a part always");
        }
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
        Condition within = part.when();
        for (Map.Entry<String, Set<String>> each : written.oneOf().entrySet()) {
            within = within.and(within(each.getKey(), each.getValue()));
        }
        return within;
    }

    private Condition within(String id, Set<String> values) {
        String fixed = part.answers().get(id);
        if (fixed == null) {
            return new Condition(Map.of(part.asks().getOrDefault(id, id), values));
        }
        return values.contains(fixed) ? Condition.ALWAYS : new Condition(Map.of(id, Set.of()));
    }
}
