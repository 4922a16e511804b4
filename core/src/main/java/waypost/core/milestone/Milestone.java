package waypost.core.milestone;

import java.util.List;
import java.util.Optional;
import waypost.core.measure.Amount;
import waypost.core.measure.Reading;
import waypost.core.protocol.Criterion;
import waypost.core.time.CourseDay;

/**
 * A criterion with the state that the readings give it.
 *
 * @param evidence the readings that were looked at, the operated side first
 * @param found the number that was compared: a value, a deficit or a percentage; empty without readings
 * @param safeFrom for a test that is not safe yet: the first day by time alone, if time opens it
 */
public record Milestone(
        Criterion criterion,
        MilestoneState state,
        List<Reading> evidence,
        Optional<Amount> found,
        Optional<CourseDay> safeFrom) {

    public Milestone {
        evidence = List.copyOf(evidence);
    }

    static Milestone without(Criterion criterion) {
        return new Milestone(criterion, MilestoneState.MISSING, List.of(), Optional.empty(), Optional.empty());
    }

    Milestone notSafeBefore(Optional<CourseDay> day) {
        return new Milestone(criterion, MilestoneState.TEST_NOT_SAFE_YET, evidence, found, day);
    }

    public boolean isMet() {
        return state == MilestoneState.MET;
    }
}
