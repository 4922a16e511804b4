package waypost.core.protocol;

import java.util.Optional;
import java.util.Set;
import waypost.core.body.Mode;
import waypost.core.body.Tissue;
import waypost.core.demand.Demand;
import waypost.core.demand.Demand.TissueLoad;
import waypost.core.demand.Level;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.time.Schedule;

/** How hard a tissue may be worked at most, in the given modes (empty: in every mode). */
public record TissueLimit(RuleHead head, Tissue tissue, Set<Mode> modes, Schedule<Allowed<Level>> schedule)
        implements Limit<Level> {

    public TissueLimit {
        modes = Set.copyOf(modes);
    }

    @Override
    public boolean concerns(Demand demand, Role role) {
        return demand instanceof TissueLoad load
                && load.tissue() == tissue
                && (modes.isEmpty() || modes.contains(load.mode()));
    }

    @Override
    public boolean respected(Demand demand, Allowed<Level> allowed) {
        return allowed.isFree()
                || !((TissueLoad) demand).effort().exceeds(allowed.most().orElse(Level.NONE));
    }

    /** Effort is a property of the exercise: nothing that can be dialled down is known to lower it. */
    @Override
    public Optional<Demand> reduced(Demand demand, Allowed<Level> allowed, Reducible by) {
        return Optional.empty();
    }

    @Override
    public Subject subject() {
        return Subject.of(this, tissue, modes);
    }

    @Override
    public boolean within(Level inner, Level outer) {
        return !inner.exceeds(outer);
    }

    @Override
    public Reason objection(Objection<Level> found) {
        return new Reason.TissueExceeded(found.from(), (TissueLoad) found.asked(), found.allowed(), found.until());
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.tissue(this);
    }
}
