package waypost.core.milestone;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.criterion.Criterion;
import waypost.core.measure.Amount;
import waypost.core.measure.Reading;
import waypost.core.time.CourseDay;

/**
 * A criterion with the state that the evidence gives it.
 *
 * @param evidence the readings that were looked at, the operated side first
 * @param found the number that was compared: a value, a deficit, a percentage or a count; empty without evidence
 * @param basis what a deficit or symmetry was compared with; empty for other kinds
 * @param goal for a value to be reached: what it is today, in the measure's unit; empty where nothing can be compared
 * @param latchedOn for a latched criterion that is met only because it was met once: true
 * @param safeFrom for a test that is not safe yet: the first day by time alone, if time opens it
 * @param fellShort whether the last value, however old, did not reach what is wanted
 * @param parts for several criteria together, each of them
 */
public record Milestone(
        Criterion criterion,
        MilestoneState state,
        List<Reading> evidence,
        Optional<Amount> found,
        Optional<Yardstick.Basis> basis,
        Optional<Amount> goal,
        boolean latchedOn,
        Optional<CourseDay> safeFrom,
        boolean fellShort,
        List<Milestone> parts) {

    public Milestone {
        evidence = List.copyOf(evidence);
        parts = List.copyOf(parts);
    }

    static Milestone of(Criterion criterion, MilestoneState state, List<Reading> evidence, Optional<Amount> found) {
        return new Milestone(
                criterion,
                state,
                evidence,
                found,
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.empty(),
                state == MilestoneState.NOT_MET,
                List.of());
    }

    static Milestone without(Criterion criterion) {
        return of(criterion, MilestoneState.MISSING, List.of(), Optional.empty());
    }

    static Milestone several(Criterion criterion, MilestoneState state, List<Milestone> parts) {
        List<Reading> evidence =
                parts.stream().flatMap(part -> part.evidence().stream()).toList();
        return new Milestone(
                criterion,
                state,
                evidence,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.empty(),
                state != MilestoneState.MET && parts.stream().anyMatch(Milestone::fellShort),
                parts);
    }

    Milestone comparedWith(Yardstick.Basis other) {
        return new Milestone(
                criterion, state, evidence, found, Optional.of(other), goal, latchedOn, safeFrom, fellShort, parts);
    }

    Milestone towards(Amount reached) {
        return new Milestone(
                criterion, state, evidence, found, basis, Optional.of(reached), latchedOn, safeFrom, fellShort, parts);
    }

    Milestone fellShort(boolean lacking) {
        return new Milestone(criterion, state, evidence, found, basis, goal, latchedOn, safeFrom, lacking, parts);
    }

    Milestone latched() {
        return new Milestone(criterion, MilestoneState.MET, evidence, found, basis, goal, true, safeFrom, false, parts);
    }

    Milestone notSafeBefore(Optional<CourseDay> day) {
        return new Milestone(
                criterion,
                MilestoneState.TEST_NOT_SAFE_YET,
                evidence,
                found,
                basis,
                goal,
                false,
                day,
                fellShort,
                parts);
    }

    /** The milestones that readings decide: itself, or for several together each of their parts. */
    public Stream<Milestone> single() {
        return parts.isEmpty() ? Stream.of(this) : parts.stream().flatMap(Milestone::single);
    }

    public boolean isMet() {
        return state == MilestoneState.MET;
    }
}
