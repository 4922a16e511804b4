package waypost.core.limit;

import java.util.Set;
import waypost.core.demand.Demand;

/**
 * What a limit can look at at all, known without looking: a kind of demand, and of it only some motions, tissues or limbs.
 *
 * @param of empty for any
 */
public record Sought(Class<? extends Demand> kind, Set<?> of) {

    public Sought {
        of = Set.copyOf(of);
    }

    static Sought any(Class<? extends Demand> kind) {
        return new Sought(kind, Set.of());
    }

    static Sought of(Class<? extends Demand> kind, Object one) {
        return new Sought(kind, Set.of(one));
    }

    /** Whether the limit may look at this demand; if not, it never does. */
    public boolean fits(Demand demand) {
        return kind.isInstance(demand) && (of.isEmpty() || of.contains(demand.of()));
    }
}
