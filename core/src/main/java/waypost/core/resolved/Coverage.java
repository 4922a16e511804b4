package waypost.core.resolved;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import waypost.core.question.Condition;

/**
 * Whether some condition of a list holds under every combination of the answers that are still possible.
 *
 * @param where only combinations that make this true have to be covered
 */
record Coverage(Condition where, List<Condition> cases) {

    /** The questions that a combination which no case covers hangs on, as far as they are open; absent when all are covered. */
    Optional<List<String>> leftOpenBy(Function<String, Set<String>> possible) {
        List<String> asked = Stream.concat(Stream.of(where), cases.stream())
                .flatMap(c -> c.oneOf().keySet().stream())
                .distinct()
                .sorted()
                .toList();
        List<Map<String, String>> combinations = List.of(Map.of());
        for (String question : asked) {
            combinations = extended(combinations, question, possible.apply(question));
        }
        boolean all = combinations.stream()
                .filter(where::holdsIn)
                .allMatch(combination -> cases.stream().anyMatch(c -> c.holdsIn(combination)));
        return all
                ? Optional.empty()
                : Optional.of(asked.stream()
                        .filter(question -> possible.apply(question).size() > 1)
                        .toList());
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
