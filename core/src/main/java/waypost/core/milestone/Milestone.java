package waypost.core.milestone;

import java.util.List;
import java.util.Optional;
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
 * @param latchedOn for a latched criterion that is met only because it was met once: true
 * @param safeFrom for a test that is not safe yet: the first day by time alone, if time opens it
 * @param parts for several criteria together, each of them
 */
public record Milestone(
        Criterion criterion,
        MilestoneState state,
        List<Reading> evidence,
        Optional<Amount> found,
        Optional<Yardstick.Basis> basis,
        boolean latchedOn,
        Optional<CourseDay> safeFrom,
        List<Milestone> parts) {

    public Milestone {
        evidence = List.copyOf(evidence);
        parts = List.copyOf(parts);
    }

    static Milestone of(Criterion criterion, MilestoneState state, List<Reading> evidence, Optional<Amount> found) {
        return new Milestone(criterion, state, evidence, found, Optional.empty(), false, Optional.empty(), List.of());
    }

    static Milestone without(Criterion criterion) {
        return of(criterion, MilestoneState.MISSING, List.of(), Optional.empty());
    }

    static Milestone several(Criterion criterion, MilestoneState state, List<Milestone> parts) {
        List<Reading> evidence =
                parts.stream().flatMap(part -> part.evidence().stream()).toList();
        return new Milestone(
                criterion, state, evidence, Optional.empty(), Optional.empty(), false, Optional.empty(), parts);
    }

    Milestone comparedWith(Yardstick.Basis other) {
        return new Milestone(criterion, state, evidence, found, Optional.of(other), latchedOn, safeFrom, parts);
    }

    Milestone latched() {
        return new Milestone(criterion, MilestoneState.MET, evidence, found, basis, true, safeFrom, parts);
    }

    Milestone notSafeBefore(Optional<CourseDay> day) {
        return new Milestone(criterion, MilestoneState.TEST_NOT_SAFE_YET, evidence, found, basis, false, day, parts);
    }

    public boolean isMet() {
        return state == MilestoneState.MET;
    }
}
