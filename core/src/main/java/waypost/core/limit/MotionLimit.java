package waypost.core.limit;

import java.util.List;
import waypost.core.body.Arc;
import waypost.core.body.Motion;
import waypost.core.demand.Demand.Movement;
import waypost.core.exercise.Role;
import waypost.core.time.Schedule;

/** An allowed interval on one joint's axis, for the movements of a circumstance. */
public record MotionLimit(RuleHead head, Circumstance circumstance, Schedule<Allowed<Arc>> schedule)
        implements Limit<Arc> {

    public MotionLimit {
        if (circumstance.motions().size() != 1) {
            throw new IllegalArgumentException(
                    head.id() + ": found " + circumstance.motions().size() + " motions, allowed: one axis for an arc");
        }
    }

    public Motion motion() {
        return circumstance.motions().iterator().next();
    }

    @Override
    public Sought sought() {
        return Sought.of(Movement.class, motion());
    }

    @Override
    public boolean concerns(Role role, int at) {
        return circumstance.matches(role, at);
    }

    @Override
    public boolean respected(Role role, int at, Allowed<Arc> allowed) {
        return allowed.isFree()
                || allowed.most().map(arc -> arc.contains(arcAt(role, at))).orElse(false);
    }

    @Override
    public List<Role> reductions(Role role, int at, Allowed<Arc> allowed) {
        return allowed
                .most()
                .flatMap(arc -> arc.intersect(arcAt(role, at)))
                .filter(arc -> role.reducible().leavesEnough(arc.span()))
                .map(arc -> role.replacing(at, ((Movement) role.demands().get(at)).within(arc)))
                .stream()
                .toList();
    }

    private static Arc arcAt(Role role, int at) {
        return ((Movement) role.demands().get(at)).arc();
    }

    @Override
    public Object subject() {
        return circumstance;
    }

    @Override
    public boolean within(Arc inner, Arc outer) {
        return outer.contains(inner);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.motion(this);
    }
}
