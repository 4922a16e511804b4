package waypost.core.teach;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import waypost.core.body.Region;
import waypost.core.course.Neighbours;
import waypost.core.course.Precaution;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.limit.Limit;
import waypost.core.reason.Reason;

/**
 * What a precaution looks like: an exercise that it takes away today, and the nearest that it leaves.
 *
 * @param notMeant as it is written, the one that breaks this precaution and as little else as can be
 * @param meant the same cut down to what is allowed, else the next easier one that is open, else the hardest open one at
 *     which this precaution looks; empty where nothing of the kind is open
 */
public record Example(Shown notMeant, Optional<Shown> meant) {

    /** A role of an exercise, as it is to be drawn. */
    public record Shown(Activity.Exercise exercise, Role role) {}

    /** How well a role shows a precaution: it should leave something, break few others and ask little besides. */
    private record Candidate(Verdict verdict, Activity.Exercise exercise, long others, Optional<Shown> meant) {}

    private static final Comparator<Candidate> BEST = Comparator.comparing(
                    (Candidate candidate) -> candidate.meant().isEmpty())
            .thenComparing(Candidate::others)
            .thenComparing(candidate -> candidate
                    .exercise()
                    .role(candidate.verdict().role())
                    .demands()
                    .size())
            .thenComparing(candidate -> candidate.exercise().rung());

    /** The example of a precaution; empty where the library holds nothing that it takes away today. */
    public static Optional<Example> of(Standing standing, Precaution<?> precaution) {
        Limit<?> limit = precaution.limit().limit();
        String rule = limit.head().id();
        return standing.verdicts().stream()
                .filter(verdict -> rules(verdict).anyMatch(rule::equals))
                .flatMap(verdict -> candidate(standing, verdict, rule).stream())
                .min(BEST)
                .map(best -> new Example(
                        new Shown(
                                best.exercise(),
                                best.exercise().role(best.verdict().role())),
                        best.meant().or(() -> hardestOpen(standing, limit))));
    }

    /** The hardest that is open today at which a precaution looks; empty where nothing of the kind is. */
    public static Optional<Shown> left(Standing standing, Precaution<?> precaution) {
        return hardestOpen(standing, precaution.limit().limit());
    }

    private static Optional<Shown> hardestOpen(Standing standing, Limit<?> limit) {
        return standing.verdicts().stream()
                .filter(verdict -> verdict.kind().isOpen())
                .filter(verdict -> standing.course()
                        .findExercise(verdict.role().activity())
                        .isPresent())
                .map(verdict -> asOpen(standing, verdict.role()))
                .filter(shown -> isAboutRegion(standing, shown.role()) && isLookedAt(shown.role(), limit))
                .max(Comparator.comparing(shown -> shown.exercise().rung()));
    }

    /** What another limb does shows a patient nothing of this one. */
    private static boolean isAboutRegion(Standing standing, Role role) {
        Region region = standing.course().resolved().region();
        return role.demands().stream().anyMatch(demand -> demand.concerns(region));
    }

    private static boolean isLookedAt(Role role, Limit<?> limit) {
        return !limit.excepts(role)
                && IntStream.range(0, role.demands().size()).anyMatch(at -> limit.concerns(role, at));
    }

    private static Optional<Candidate> candidate(Standing standing, Verdict verdict, String rule) {
        long others = rules(verdict).filter(id -> !id.equals(rule)).distinct().count();
        return standing.course()
                .findExercise(verdict.role().activity())
                .map(exercise -> new Candidate(verdict, exercise, others, meant(standing, verdict, exercise)));
    }

    private static Optional<Shown> meant(Standing standing, Verdict verdict, Activity.Exercise exercise) {
        return verdict.reducedTo()
                .map(reduced -> new Shown(exercise, reduced))
                .or(() -> new Neighbours(standing)
                        .nearestOpen(verdict.role(), role -> isAboutRegion(standing, role))
                        .map(role -> asOpen(standing, role)));
    }

    /** A role that is open, in the form in which it is. */
    private static Shown asOpen(Standing standing, RoleKey key) {
        Activity.Exercise exercise = standing.course().exercise(key.activity());
        return new Shown(exercise, standing.verdict(key).reducedTo().orElseGet(() -> exercise.role(key)));
    }

    private static Stream<String> rules(Verdict verdict) {
        return verdict.reasons().stream()
                .filter(Reason.Exceeded.class::isInstance)
                .flatMap(reason -> reason.ruleId().stream());
    }
}
