package waypost.core.course;

import java.util.List;
import waypost.core.criterion.Criterion;
import waypost.core.milestone.Milestone;
import waypost.core.protocol.Phase;
import waypost.core.time.CourseDay;

/**
 * What has to be true to move on: time and milestones, never one without the other.
 *
 * @param timeReached whether the earliest day has come
 */
public record NextPhase(Phase phase, CourseDay earliest, boolean timeReached, List<Milestone> milestones) {

    public NextPhase {
        milestones = List.copyOf(milestones);
    }

    public boolean ready() {
        return timeReached && milestones.stream().allMatch(Milestone::isMet);
    }

    public long met() {
        return milestones.stream().filter(Milestone::isMet).count();
    }

    /** The words of a surgeon that it waits for, once time allows it: one given long before says little on the day. */
    public List<Milestone> clearances() {
        return milestones.stream()
                .filter(milestone -> timeReached && !milestone.isMet())
                .filter(milestone -> milestone.criterion() instanceof Criterion.Attested attested
                        && attested.kind() == Criterion.Attested.Kind.CLEARANCE)
                .toList();
    }
}
