package waypost.core.course;

import waypost.core.protocol.Allowed;
import waypost.core.resolved.InForce;
import waypost.core.time.Steps;

/** A limit that takes something away on a day, with the step that holds. */
public record Precaution<T>(InForce<T> limit, Steps.Step<Allowed<T>> step) {}
