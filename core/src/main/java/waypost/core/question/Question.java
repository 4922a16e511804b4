package waypost.core.question;

import java.util.List;
import java.util.Optional;

/**
 * Something that the operation note, or the choice of a school, must tell.
 *
 * @param prompt as it is asked on screen
 * @param values every possible value, at least two
 * @param usual for a school, the stricter value that serves until one is chosen; a finding has none
 */
public record Question(String id, String prompt, List<Value> values, Optional<String> usual) {

    /** A possible answer and how it is said. */
    public record Value(String id, String title) {}

    public Question {
        values = List.copyOf(values);
        if (values.size() < 2) {
            throw new IllegalArgumentException(
                    "question " + id + ": found " + values.size() + " values, allowed: at least two");
        }
    }

    public List<String> valueIds() {
        return values.stream().map(Value::id).toList();
    }

    public boolean isSchool() {
        return usual.isPresent();
    }

    /** The title of a value of this question. */
    public String titleOf(String value) {
        return values.stream()
                .filter(v -> v.id().equals(value))
                .map(Value::title)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        id + ": found '" + value + "', allowed: " + String.join(", ", valueIds())));
    }
}
