package waypost.core.resolved;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import waypost.core.question.Condition;

/** Whether some condition of a list holds under every combination of the answers that are still possible. */
record Coverage(List<Condition> cases) {

    /** The questions whose open answers leave a combination that no case covers; empty when all are covered. */
    List<String> leftOpenBy(Function<String, Set<String>> possible) {
        List<String> asked = cases.stream()
                .flatMap(c -> c.oneOf().keySet().stream())
                .distinct()
                .sorted()
                .toList();
        List<Map<String, String>> combinations = List.of(Map.of());
        for (String question : asked) {
            combinations = extended(combinations, question, possible.apply(question));
        }
        boolean all =
                combinations.stream().allMatch(combination -> cases.stream().anyMatch(c -> c.holdsIn(combination)));
        return all ? List.of() : asked;
    }

    private static List<Map<String, String>> extended(
            List<Map<String, String>> combinations, String question, Set<String> values) {
        List<Map<String, String>> longer = new ArrayList<>();
        for (Map<String, String> combination : combinations) {
            for (String value : values) {
                Map<String, String> next = new HashMap<>(combination);
                next.put(question, value);
                longer.add(next);
            }
        }
        return longer;
    }
}
