package waypost.core.done;

import java.util.Optional;
import waypost.core.anatomy.Half;
import waypost.core.body.Limb;
import waypost.core.demand.Demand;
import waypost.core.exercise.Role;

/**
 * A limb of which a role says that it carries less than a body held so must, both in percent of body mass.
 *
 * @param worked what it carries
 */
public record Understated(Limb limb, double said, double worked) {

    /** What the arithmetic may be off: half of it the check values, half the build. */
    private static final double OFF = 10;

    /** Empty where it says enough, or nothing at all: then what is worked out counts. */
    public static Optional<Understated> in(Role role, Carried carried, Limb limb) {
        double worked = carried.percent(Half.OPERATED, limb);
        return role.demands().stream()
                .filter(demand -> demand instanceof Demand.Bearing bearing && bearing.limb() == limb)
                .map(demand -> ((Demand.Bearing) demand).share().percent())
                .max(Double::compare)
                .filter(said -> worked > said + OFF)
                .map(said -> new Understated(limb, said, worked));
    }

    /** What it may say at least. */
    public double least() {
        return worked - OFF;
    }
}
