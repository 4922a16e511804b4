package waypost.core.course;

import java.util.Optional;
import waypost.core.limit.Allowed;
import waypost.core.limit.Limit;
import waypost.core.resolved.InForce;
import waypost.core.time.CourseDay;
import waypost.core.time.Steps;

/** A limit that takes something away on a day, with the step that holds. */
public record Precaution<T>(InForce<T> limit, Steps.Current<Allowed<T>> step) {

    /** Whether {@code other} looks at the same and leaves less than this does, or as little for at least as long. */
    public boolean isCoveredBy(Precaution<?> other) {
        if (!isAboutSameAs(other)) {
            return false;
        }
        @SuppressWarnings("unchecked") // equal subjects limit the same quantity
        Allowed<T> others = (Allowed<T>) other.step.value();
        boolean equal = limit.limit().asStrict(step.value(), others);
        return limit.limit().asStrict(others, step.value()) && (!equal || other.endsNoEarlierThan(this));
    }

    /** Whether both limit the same quantity of the same thing, with the same set-ups excepted. */
    public boolean isAboutSameAs(Precaution<?> other) {
        Limit<?> mine = limit.limit();
        Limit<?> others = other.limit.limit();
        return mine.subject().equals(others.subject())
                && mine.getClass() == others.getClass()
                && mine.head().unless().equals(others.head().unless());
    }

    private boolean endsNoEarlierThan(Precaution<?> other) {
        Optional<CourseDay> mine = step.until();
        Optional<CourseDay> others = other.step.until();
        return mine.isEmpty() || others.isPresent() && !mine.get().isBefore(others.get());
    }
}
