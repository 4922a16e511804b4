package waypost.core.question;

import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/**
 * When a rule applies: every named question has one of the named values. Without any it always applies.
 *
 * @param oneOf by question id, the values that make it true
 */
public record Condition(Map<String, Set<String>> oneOf) {

    public static final Condition ALWAYS = new Condition(Map.of());

    public Condition {
        oneOf = Map.copyOf(oneOf);
    }

    /** Whether some combination of the possible values makes this true. */
    public boolean canHold(Function<String, Set<String>> possible) {
        return oneOf.entrySet().stream()
                .allMatch(e -> possible.apply(e.getKey()).stream()
                        .anyMatch(value -> e.getValue().contains(value)));
    }

    /** Whether this combination, with one value for each question, makes this true. */
    public boolean holdsIn(Map<String, String> combination) {
        return oneOf.entrySet().stream().allMatch(e -> e.getValue().contains(combination.getOrDefault(e.getKey(), "")));
    }

    /** Both together. */
    public Condition and(Condition other) {
        Map<String, Set<String>> both = new HashMap<>(oneOf);
        other.oneOf.forEach((question, values) -> both.merge(question, values, Condition::shared));
        return new Condition(both);
    }

    private static Set<String> shared(Set<String> one, Set<String> other) {
        Set<String> shared = new LinkedHashSet<>(one);
        shared.retainAll(other);
        return shared;
    }

    /** Whether no answer at all makes this true. */
    public boolean isNever() {
        return oneOf.values().stream().anyMatch(Set::isEmpty);
    }

    /** Whether no combination of answers makes both true. */
    public boolean excludes(Condition other) {
        return oneOf.entrySet().stream().anyMatch(e -> {
            Set<String> others = other.oneOf.get(e.getKey());
            return others != null && Collections.disjoint(others, e.getValue());
        });
    }
}
