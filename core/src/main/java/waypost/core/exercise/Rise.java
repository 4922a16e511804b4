package waypost.core.exercise;

import java.util.function.ToDoubleFunction;
import waypost.core.demand.Demand;
import waypost.core.demand.Lasting;
import waypost.core.demand.Reaching;

/** What a rung asks more of than the rung below. Each is a number read from the demands, so that it can be checked. */
public enum Rise {
    /** A wider arc. */
    RANGE(d -> d instanceof Demand.Movement m ? m.arc().span() : 0),
    /** An angle further from neutral. */
    ANGLE(d -> d instanceof Demand.Movement m
            ? Math.max(
                    Math.abs(m.arc().least().value()), Math.abs(m.arc().most().value()))
            : 0),
    /** From passive over assisted and active to resisted. */
    MODE(d -> d instanceof Demand.Movement m
            ? 1 + m.mode().ordinal()
            : d instanceof Demand.TissueLoad t ? 1 + t.mode().ordinal() : 0),
    END_FORCE(d -> d instanceof Demand.Movement m ? m.end().ordinal() : 0),
    LOADING(d -> d instanceof Demand.Movement m ? m.loading().ordinal() : 0),
    EFFORT(d -> d instanceof Demand.TissueLoad t ? t.effort().ordinal() : 0),
    BEARING(d -> d instanceof Demand.Bearing b ? b.share().percent() : 0),
    SUPPORT(d -> d instanceof Demand.Bearing b ? 1 + b.support().ordinal() : 0),
    LOAD(d -> d instanceof Demand.Held h ? h.load().amount() : 0),
    LEVER(d -> d instanceof Demand.Lever l ? 1 + l.length().ordinal() : 0),
    HEIGHT(d -> d instanceof Reaching h ? 1 + h.height().ordinal() : 0),
    /** Impact, twisting, balance and speed together. */
    STRAIN(d -> d instanceof Demand.Strain s ? s.level().ordinal() : 0),
    CONTACTS(d -> d instanceof Demand.Contacts c ? c.count().number() : 0),
    TIME(d -> d instanceof Lasting l ? l.minutes().number() : 0);

    private final ToDoubleFunction<Demand> amount;

    Rise(ToDoubleFunction<Demand> amount) {
        this.amount = amount;
    }

    /** The most of this that any role of the exercise asks. */
    public double of(Activity exercise) {
        return exercise.roles().stream()
                .map(role -> role.demands().stream().mapToDouble(amount))
                .mapToDouble(asked -> this == STRAIN ? asked.sum() : asked.max().orElse(0))
                .max()
                .orElse(0);
    }
}
