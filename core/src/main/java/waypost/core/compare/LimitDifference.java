package waypost.core.compare;

import java.util.List;
import java.util.Optional;
import waypost.core.time.CourseDay;

/** Where two courses leave otherwise of one thing. */
public record LimitDifference(List<Stretch<Restricted>> stretches) {

    public LimitDifference {
        stretches = List.copyOf(stretches);
    }

    /** One of them, to tell what it is about. */
    public Restricted about() {
        return stretches.get(0).what();
    }

    /** What of it is still to come; empty where nothing is. */
    Optional<LimitDifference> from(CourseDay day) {
        List<Stretch<Restricted>> left =
                stretches.stream().filter(stretch -> stretch.reaches(day)).toList();
        return left.isEmpty() ? Optional.empty() : Optional.of(new LimitDifference(left));
    }
}
