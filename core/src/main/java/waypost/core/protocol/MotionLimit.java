package waypost.core.protocol;

import java.util.Optional;
import waypost.core.body.Arc;
import waypost.core.demand.Demand;
import waypost.core.demand.Demand.Movement;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.time.Schedule;

/** An allowed interval on a joint's axis, for the movements of a circumstance. */
public record MotionLimit(RuleHead head, Circumstance circumstance, Schedule<Allowed<Arc>> schedule)
        implements Limit<Arc> {

    @Override
    public boolean concerns(Demand demand, Role role) {
        return demand instanceof Movement movement && circumstance.matches(movement, role);
    }

    @Override
    public boolean respected(Demand demand, Allowed<Arc> allowed) {
        return allowed.isFree()
                || allowed.most()
                        .map(arc -> arc.contains(((Movement) demand).arc()))
                        .orElse(false);
    }

    @Override
    public Optional<Demand> reduced(Demand demand, Allowed<Arc> allowed, Reducible by) {
        Movement movement = (Movement) demand;
        return allowed.most()
                .flatMap(arc -> arc.intersect(movement.arc()))
                .filter(arc -> by.leastSpan().map(least -> arc.span() >= least).orElse(false))
                .map(movement::within);
    }

    @Override
    public Subject subject() {
        return Subject.of(this, circumstance);
    }

    @Override
    public boolean within(Arc inner, Arc outer) {
        return outer.contains(inner);
    }

    @Override
    public Reason objection(Objection<Arc> found) {
        return new Reason.MotionExceeded(
                found.from(), (Movement) found.asked(), found.allowed(), found.until(), found.reducible());
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.motion(this);
    }
}
