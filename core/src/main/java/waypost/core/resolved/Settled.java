package waypost.core.resolved;

import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import waypost.core.question.Condition;

/**
 * Rules on one concern of which only one can be meant: while the answer that decides is not known they have no common
 * strictest. The one written for the unknown serves; without one it is unclear.
 *
 * @param rules the rules that bind
 */
record Settled<R>(List<R> rules, boolean unclear) {

    static <R> Settled<R> of(List<R> rules, Function<R, Condition> when, Predicate<R> whenUnknown) {
        boolean conflict = rules.stream()
                .anyMatch(
                        one -> rules.stream().anyMatch(other -> when.apply(one).excludes(when.apply(other))));
        if (!conflict) {
            return new Settled<>(rules, false);
        }
        List<R> serving = rules.stream().filter(whenUnknown).toList();
        return serving.isEmpty() ? new Settled<>(rules, true) : new Settled<>(serving, false);
    }
}
