package waypost.core.limit;

import java.util.List;
import java.util.Set;
import waypost.core.demand.Demand.Placed;
import waypost.core.demand.Posture;
import waypost.core.exercise.Role;
import waypost.core.time.Schedule;

/** Postures that are barred: lying on the operated side, hands and knees. */
public record PostureLimit(RuleHead head, Set<Posture> postures, Schedule<Allowed<AllOrNothing>> schedule)
        implements Limit<AllOrNothing> {

    public PostureLimit {
        postures = Set.copyOf(postures);
    }

    @Override
    public Sought sought() {
        return new Sought(Placed.class, postures);
    }

    @Override
    public boolean concerns(Role role, int at) {
        return role.demands().get(at) instanceof Placed placed && postures.contains(placed.posture());
    }

    @Override
    public boolean respected(Role role, int at, Allowed<AllOrNothing> allowed) {
        return allowed.isFree();
    }

    /** Another posture makes another exercise. */
    @Override
    public List<Role> reductions(Role role, int at, Allowed<AllOrNothing> allowed) {
        return List.of();
    }

    @Override
    public Object subject() {
        return postures;
    }

    @Override
    public boolean within(AllOrNothing inner, AllOrNothing outer) {
        return true;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.posture(this);
    }
}
