package waypost.core.protocol;

import java.util.Optional;
import waypost.core.demand.Demand;
import waypost.core.demand.Demand.Strain;
import waypost.core.demand.Demand.StrainKind;
import waypost.core.demand.Level;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.time.Schedule;

/** How much impact or twisting the limb may take at most. */
public record StrainLimit(RuleHead head, StrainKind kind, Schedule<Allowed<Level>> schedule) implements Limit<Level> {

    @Override
    public boolean concerns(Demand demand, Role role) {
        return demand instanceof Strain strain && strain.kind() == kind;
    }

    @Override
    public boolean respected(Demand demand, Allowed<Level> allowed) {
        return allowed.isFree()
                || !((Strain) demand).level().exceeds(allowed.most().orElse(Level.NONE));
    }

    @Override
    public Optional<Demand> reduced(Demand demand, Allowed<Level> allowed, Reducible by) {
        return Optional.empty();
    }

    @Override
    public Subject subject() {
        return Subject.of(this, kind);
    }

    @Override
    public boolean within(Level inner, Level outer) {
        return !inner.exceeds(outer);
    }

    @Override
    public Reason objection(Objection<Level> found) {
        return new Reason.StrainExceeded(found.from(), (Strain) found.asked(), found.allowed(), found.until());
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.strain(this);
    }
}
