package waypost.core.resolved;

import java.util.List;
import java.util.Optional;
import waypost.core.protocol.Criterion;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Provenance;
import waypost.core.time.CourseDay;

/**
 * What an opening asks for in this course.
 *
 * @param needed everything that may apply; all of it is needed
 * @param unanswered questions that leave it open whether this is covered at all
 */
public record OpeningInForce(List<Needed> needed, List<String> unanswered) {

    /** One case, in days. */
    public record Needed(
            CourseDay from, String written, Optional<Phase> phase, List<Criterion> milestones, Provenance rule) {
        public Needed {
            milestones = List.copyOf(milestones);
        }
    }

    public OpeningInForce {
        needed = List.copyOf(needed);
        unanswered = List.copyOf(unanswered);
    }
}
