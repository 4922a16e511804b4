package waypost.core.question;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Something that the operation note, or the choice of a school, must tell.
 *
 * @param prompt as it is asked on screen
 * @param values every possible value, at least two
 * @param kind a finding of the operation note, a decisive one, or a school
 * @param usual for a school, the stricter value that serves until one is chosen; a finding has none, and neither has a
 *     school whose values have no order of strictness: it must be chosen
 * @param asked the answers under which this is asked: a repaired meniscus has a tear
 * @param whenUnknown what to do while the answer is not known, where the branches have no common strictest
 */
public record Question(
        String id,
        String prompt,
        List<Value> values,
        Kind kind,
        Condition asked,
        Optional<String> usual,
        Optional<String> whenUnknown) {

    /**
     * A possible answer and how it is said.
     *
     * @param outside whether the protocol is not meant for it: while it is possible nothing opens
     */
    public record Value(String id, String title, boolean outside) {

        public Value(String id, String title) {
            this(id, title, false);
        }
    }

    /** Who answers. */
    public enum Kind {
        FINDING,
        /** A finding without which nothing opens: its values ask for opposite rules. */
        DECISIVE,
        SCHOOL
    }

    public Question {
        values = List.copyOf(values);
        if (values.size() < 2) {
            throw new IllegalArgumentException(
                    "question " + id + ": found " + values.size() + " values, allowed: at least two");
        }
        if (kind != Kind.SCHOOL && usual.isPresent()) {
            throw new IllegalArgumentException("question " + id + ": found the usual value '" + usual.get()
                    + "' for a finding, allowed: usual only for a school");
        }
    }

    /** A finding that the operation note tells. */
    public static Question finding(String id, String prompt, List<Value> values) {
        return new Question(id, prompt, values, Kind.FINDING, Condition.ALWAYS, Optional.empty(), Optional.empty());
    }

    /** This asked only under these answers. */
    public Question asked(Condition when) {
        return new Question(id, prompt, values, kind, when, usual, whenUnknown);
    }

    public List<String> valueIds() {
        return values.stream().map(Value::id).toList();
    }

    /** The values for which the protocol is meant. */
    public List<String> inside() {
        return values.stream().filter(value -> !value.outside()).map(Value::id).toList();
    }

    /** Whether one of these values is one for which the protocol is not meant. */
    public boolean leadsOutside(Set<String> possible) {
        return !inside().containsAll(possible);
    }

    /** Whether nothing opens while this is not known. */
    public boolean isDecisive() {
        return kind == Kind.DECISIVE;
    }

    public boolean isSchool() {
        return kind == Kind.SCHOOL;
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
