package waypost.core.resolved;

import java.util.Optional;
import waypost.core.demand.Demand;
import waypost.core.exercise.Reducible;
import waypost.core.protocol.Allowed;
import waypost.core.protocol.Limit;
import waypost.core.protocol.Provenance;
import waypost.core.protocol.Reason;
import waypost.core.time.CourseDay;
import waypost.core.time.Steps;

/** A limit that applies to this course, with its steps in days. */
public record InForce<T>(Limit<T> limit, Steps<Allowed<T>> steps, Provenance from) {

    /** What is allowed on {@code day} if that is less than everything. */
    public Optional<Steps.Step<Allowed<T>>> restrictionOn(CourseDay day) {
        return steps.on(day).filter(step -> !step.value().isFree());
    }

    /** Whether {@code demand}, which the limit concerns, stays within it on {@code day}. */
    public boolean respected(Demand demand, CourseDay day) {
        Optional<Steps.Step<Allowed<T>>> step = steps.on(day);
        return step.isEmpty() || limit.respected(demand, step.get().value());
    }

    /** The objection to a demand that is not respected on {@code day}. */
    public Reason objection(Demand demand, CourseDay day, boolean reducible) {
        Steps.Step<Allowed<T>> step = steps.on(day).orElseThrow();
        return limit.objection(
                new Limit.Objection<>(from, demand, step.value(), step.window().until(), reducible));
    }

    /** The demand cut down to what is allowed on {@code day}. */
    public Optional<Demand> reduced(Demand demand, CourseDay day, Reducible by) {
        return limit.reduced(demand, steps.on(day).orElseThrow().value(), by);
    }
}
