package waypost.core.course;

import waypost.core.protocol.Allowed;
import waypost.core.resolved.InForce;
import waypost.core.time.Steps;

/** A limit that takes something away on a day, with the step that holds. */
public record Precaution<T>(InForce<T> limit, Steps.Step<Allowed<T>> step) {

    /** Whether {@code other} looks at the same and leaves no more than this does. */
    boolean isCoveredBy(Precaution<?> other) {
        if (!limit.limit().subject().equals(other.limit.limit().subject())) {
            return false;
        }
        @SuppressWarnings("unchecked") // equal subjects limit the same quantity
        Allowed<T> stricter = (Allowed<T>) other.step.value();
        return limit.limit().asStrict(stricter, step.value());
    }
}
