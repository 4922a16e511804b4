package waypost.core.protocol;

import java.util.Optional;
import waypost.core.demand.Demand;
import waypost.core.demand.Demand.Movement;
import waypost.core.demand.Loading;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.time.Schedule;

/** The most that the movements of a circumstance may work against. */
public record LoadingLimit(RuleHead head, Circumstance circumstance, Schedule<Allowed<Loading>> schedule)
        implements Limit<Loading> {

    @Override
    public boolean concerns(Demand demand, Role role) {
        return demand instanceof Movement movement && circumstance.matches(movement, role);
    }

    @Override
    public boolean respected(Demand demand, Allowed<Loading> allowed) {
        Loading asked = ((Movement) demand).loading();
        return allowed.isFree() || !asked.exceeds(allowed.most().orElse(Loading.NONE));
    }

    @Override
    public Optional<Demand> reduced(Demand demand, Allowed<Loading> allowed, Reducible by) {
        Loading most = allowed.most().orElse(Loading.NONE);
        return by.leastLoading()
                .filter(least -> !least.exceeds(most))
                .map(least -> ((Movement) demand).lightenedTo(most));
    }

    @Override
    public Subject subject() {
        return Subject.of(this, circumstance);
    }

    @Override
    public boolean within(Loading inner, Loading outer) {
        return !inner.exceeds(outer);
    }

    @Override
    public Reason objection(Objection<Loading> found) {
        return new Reason.LoadingExceeded(
                found.from(), (Movement) found.asked(), found.allowed(), found.until(), found.reducible());
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.loading(this);
    }
}
