package waypost.core.sport;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import waypost.core.course.Standing;
import waypost.core.protocol.Phase;

/**
 * An event before the last phase may begin, which is for what everything before leads to: whatever the load.
 *
 * @param allowed the first day of the last phase
 */
public record TooEarly(Phase phase, LocalDate allowed) {

    /** Empty where the event is not too early for this course. */
    public static Optional<TooEarly> of(SportGoal goal, Standing standing) {
        List<Phase> phases = standing.course().resolved().protocol().phases();
        Phase last = phases.get(phases.size() - 1);
        LocalDate dayZero = standing.course().resolved().dayZero();
        LocalDate allowed = last.earliest().from(dayZero).dateFrom(dayZero);
        return goal.on().isBefore(allowed) ? Optional.of(new TooEarly(last, allowed)) : Optional.empty();
    }
}
