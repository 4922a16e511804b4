package waypost.core.compare;

import java.util.List;
import java.util.Optional;
import waypost.core.exercise.RoleKey;
import waypost.core.reason.VerdictKind;
import waypost.core.time.CourseDay;

/**
 * Where two courses judge one role otherwise.
 *
 * @param opensLeft the first day on which it is open there, to plan; empty when it never is
 * @param opensRight the same of the other
 */
public record RoleDifference(
        RoleKey role, Optional<CourseDay> opensLeft, Optional<CourseDay> opensRight, List<Stretch<Kinds>> stretches) {

    /** What each of the two says. */
    public record Kinds(VerdictKind left, VerdictKind right) {}

    public RoleDifference {
        stretches = List.copyOf(stretches);
    }

    /** Whether it opens on another day, or in one of them never. */
    public boolean opensOtherwise() {
        return !opensLeft.equals(opensRight);
    }

    /** What of it is still to come; empty where nothing is. */
    Optional<RoleDifference> from(CourseDay day) {
        List<Stretch<Kinds>> left =
                stretches.stream().filter(stretch -> stretch.reaches(day)).toList();
        return left.isEmpty() ? Optional.empty() : Optional.of(new RoleDifference(role, opensLeft, opensRight, left));
    }
}
