package waypost.core.protocol;

import java.util.Optional;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Demand;
import waypost.core.demand.Demand.Bearing;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.time.Schedule;

/** The share of body mass that the operated limb may carry at most. */
public record BearingLimit(RuleHead head, Schedule<Allowed<BodyShare>> schedule) implements Limit<BodyShare> {

    @Override
    public boolean concerns(Demand demand, Role role) {
        return demand instanceof Bearing;
    }

    @Override
    public boolean respected(Demand demand, Allowed<BodyShare> allowed) {
        return allowed.isFree() || ((Bearing) demand).share().compareTo(most(allowed)) <= 0;
    }

    @Override
    public Optional<Demand> reduced(Demand demand, Allowed<BodyShare> allowed, Reducible by) {
        BodyShare most = most(allowed);
        return by.leastShare()
                .filter(least -> least.compareTo(most) <= 0)
                .map(least -> new Bearing(most, ((Bearing) demand).support()));
    }

    private static BodyShare most(Allowed<BodyShare> allowed) {
        return allowed.most().orElse(BodyShare.ofPercent(0));
    }

    @Override
    public Subject subject() {
        return Subject.of(this);
    }

    @Override
    public boolean within(BodyShare inner, BodyShare outer) {
        return inner.compareTo(outer) <= 0;
    }

    @Override
    public Reason objection(Objection<BodyShare> found) {
        return new Reason.BearingExceeded(
                found.from(), (Bearing) found.asked(), found.allowed(), found.until(), found.reducible());
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.bearing(this);
    }
}
