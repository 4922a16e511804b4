package waypost.core.course;

import java.util.List;
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
}
