package waypost.core.protocol;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import waypost.core.question.Answers;
import waypost.core.question.Condition;

/**
 * A healing part whose rules stand in a protocol beside its own: a repaired meniscus, a fixed biceps tendon.
 *
 * @param id what its rules' ids begin with
 * @param title shown behind each of its reasons
 * @param source where its numbers come from, in words
 * @param when the answers under which it belongs to the operation
 * @param asks by question of the part, the question of the protocol that answers it
 * @param answers by question of the part, the value that it has in this protocol
 * @param anew the events after which all of it holds anew, such as a second repair
 */
public record Included(
        String id,
        String title,
        String version,
        String source,
        Condition when,
        Map<String, String> asks,
        Map<String, String> answers,
        Set<String> anew) {

    public Included {
        asks = Map.copyOf(asks);
        answers = Map.copyOf(answers);
        anew = Set.copyOf(anew);
    }

    /** Title and version, as shown behind a reason. */
    public String face() {
        return title + " " + version;
    }

    /** Whether it belongs to the operation whatever is answered. */
    public boolean isAlways() {
        return when.oneOf().isEmpty();
    }

    /** What the answers to the protocol's questions say to those of the part, and to those that both have. */
    public Answers within(Answers given) {
        Map<String, Set<String>> stated = new HashMap<>(given.stated());
        asks.forEach((id, asked) -> {
            Set<String> values = given.stated().get(asked);
            if (values != null) {
                stated.put(id, values);
            }
        });
        answers.forEach((id, value) -> stated.put(id, Set.of(value)));
        return new Answers(stated);
    }
}
