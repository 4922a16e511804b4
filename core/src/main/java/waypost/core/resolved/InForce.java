package waypost.core.resolved;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import waypost.core.exercise.Role;
import waypost.core.limit.Allowed;
import waypost.core.limit.Limit;
import waypost.core.limit.Provenance;
import waypost.core.time.CourseDay;
import waypost.core.time.Steps;
import waypost.core.time.Window;

/**
 * A limit that applies to this course, with its steps in course days.
 *
 * @param lifted windows in which an order with the authority to loosen it stands in its place
 */
public record InForce<T>(Limit<T> limit, Steps<Allowed<T>> steps, Provenance from, List<Window> lifted) {

    public InForce {
        lifted = List.copyOf(lifted);
    }

    /** What is allowed on {@code day} if that is less than everything. */
    public Optional<Steps.Current<Allowed<T>>> restrictionOn(CourseDay day, Set<String> met) {
        return isLiftedOn(day)
                ? Optional.empty()
                : steps.on(day, met).filter(step -> !step.value().isFree());
    }

    /** Whether the demand at this place, which the limit concerns, stays within it on {@code day}. */
    public boolean respected(Role role, int at, CourseDay day, Set<String> met) {
        if (isLiftedOn(day)) {
            return true;
        }
        Optional<Allowed<T>> allowed = steps.valueOn(day, met);
        return allowed.isEmpty() || limit.excepts(role) || limit.respected(role, at, allowed.get());
    }

    /** The role cut down to what is allowed on {@code day}, in every way in which it can be. */
    public List<Role> reductions(Role role, int at, CourseDay day, Set<String> met) {
        return steps.valueOn(day, met)
                .map(allowed -> limit.reductions(role, at, allowed))
                .orElse(List.of());
    }

    private boolean isLiftedOn(CourseDay day) {
        for (Window window : lifted) {
            if (window.contains(day)) {
                return true;
            }
        }
        return false;
    }

    /** The days on which what is allowed may change. */
    public Stream<CourseDay> changes() {
        return Stream.concat(steps.changes(), lifted.stream().flatMap(Window::ends));
    }

    /** This lifted for one more window. */
    InForce<T> liftedFor(Window window) {
        return new InForce<>(
                limit,
                steps,
                from,
                Stream.concat(lifted.stream(), Stream.of(window)).toList());
    }
}
