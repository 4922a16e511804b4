package waypost.library.review;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.core.criterion.Criterion;
import waypost.core.limit.RuleHead;
import waypost.core.protocol.Protocol;
import waypost.core.question.Condition;
import waypost.core.question.Question;

/**
 * Short names on a sheet: "Q2b" for an answer, "M7" for a milestone, "P3" for a part by its title and version, so that two
 * pages are enough.
 */
record Codes(
        Map<String, String> questions,
        Map<String, Map<String, String>> values,
        Map<String, String> milestones,
        Map<String, String> parts) {

    static Codes of(Protocol protocol) {
        Map<String, String> questions = new LinkedHashMap<>();
        Map<String, Map<String, String>> values = new LinkedHashMap<>();
        for (Question question : protocol.questions()) {
            questions.put(question.id(), "Q" + (questions.size() + 1));
            Map<String, String> letters = new LinkedHashMap<>();
            question.valueIds().forEach(value -> letters.put(value, String.valueOf((char) ('a' + letters.size()))));
            values.put(question.id(), letters);
        }
        Map<String, String> milestones = new LinkedHashMap<>();
        for (Criterion criterion : protocol.criteria()) {
            milestones.put(criterion.id(), "M" + (milestones.size() + 1));
        }
        Map<String, String> parts = new LinkedHashMap<>();
        protocol.parts().forEach(part -> parts.put(part.face(), "P" + (parts.size() + 1)));
        return new Codes(questions, values, milestones, parts);
    }

    /** " P3" for a rule of a part; nothing for the protocol's own. */
    String part(RuleHead head) {
        return head.part().isEmpty() ? "" : " " + parts.getOrDefault(head.part(), "");
    }

    String question(Question question) {
        return questions.getOrDefault(question.id(), "");
    }

    String value(Question question, String value) {
        return values.getOrDefault(question.id(), Map.of()).getOrDefault(value, "");
    }

    /** " if Q1ab Q3a"; nothing for a rule that always applies. */
    String when(Condition condition) {
        if (condition.oneOf().isEmpty()) {
            return "";
        }
        List<String> parts = new ArrayList<>();
        questions.forEach((question, code) -> {
            Set<String> wanted = condition.oneOf().get(question);
            if (wanted != null) {
                parts.add(code
                        + wanted.stream()
                                .map(value ->
                                        values.getOrDefault(question, Map.of()).getOrDefault(value, ""))
                                .sorted()
                                .collect(Collectors.joining()));
            }
        });
        return " if " + String.join(" ", parts);
    }

    /** " with M2 M5"; nothing where no milestone is needed. */
    String needs(List<String> criteria) {
        return criteria.isEmpty()
                ? ""
                : " with "
                        + criteria.stream()
                                .map(id -> milestones.getOrDefault(id, id))
                                .collect(Collectors.joining(" "));
    }
}
