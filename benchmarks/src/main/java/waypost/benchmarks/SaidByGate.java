package waypost.benchmarks;

import waypost.core.reason.NotYet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.gate.Verdict;
import waypost.core.reason.Reason;
import waypost.core.reason.Uncovered;

/** Our verdicts in the words of the engine's rules: every objection of a limit or an opening. */
final class SaidByGate {

    private SaidByGate() {}

    static Set<String> of(List<Verdict> verdicts) {
        return verdicts.stream()
                .flatMap(verdict -> verdict.reasons().stream()
                        .flatMap(reason -> said(reason).stream())
                        .map(said -> verdict.role() + said))
                .collect(Collectors.toSet());
    }

    private static Optional<String> said(Reason reason) {
        String rule = reason.ruleId().orElse("");
        if (reason instanceof Reason.Exceeded<?>) {
            return Optional.of(" limit " + rule);
        }
        if (reason instanceof Uncovered.NotCovered) {
            return Optional.of(" not covered");
        }
        if (reason instanceof NotYet.BeforeDay || reason instanceof NotYet.ClockNotStarted) {
            return Optional.of(" before " + rule);
        }
        if (reason instanceof Uncovered.Over) {
            return Optional.of(" over " + rule);
        }
        if (reason instanceof NotYet.PhaseNotSigned) {
            return Optional.of(" phase " + rule);
        }
        return reason instanceof NotYet.MilestoneNotMet missing
                ? Optional.of(" milestone " + missing.criterion().id() + " " + rule)
                : Optional.empty();
    }

    /** A few on which they do not agree. */
    static String difference(Set<String> ours, Set<String> looped, Set<String> engine) {
        return Stream.of(only(ours, looped), only(looped, ours), only(ours, engine), only(engine, ours))
                .map(some -> some.stream().sorted().limit(4).toList().toString())
                .collect(Collectors.joining(" | "));
    }

    private static Set<String> only(Set<String> one, Set<String> other) {
        Set<String> left = new HashSet<>(one);
        left.removeAll(other);
        return left;
    }
}
