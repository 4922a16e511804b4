package waypost.core.exercise;

import java.util.List;
import waypost.core.demand.Demand;
import waypost.core.demand.Support;

/**
 * The part the operated limb plays, with everything it is asked for at once. The same lunge asks something else of the
 * leg in front than of the leg behind.
 *
 * @param name such as "operated", "operated-front"
 */
public record Role(String name, String title, List<Demand> demands, Reducible reducible) {

    public Role {
        demands = List.copyOf(demands);
    }

    public Role with(List<Demand> others) {
        return new Role(name, title, others, reducible);
    }

    /** Whether the operated limb carries weight on this kind of support in this role. */
    public boolean standsOn(Support support) {
        return demands.stream()
                .anyMatch(demand -> demand instanceof Demand.Bearing bearing && bearing.support() == support);
    }
}
