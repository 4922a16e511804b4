package waypost.core.done;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import waypost.core.anatomy.Build;
import waypost.core.anatomy.Contact;
import waypost.core.anatomy.Equilibrium;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Held;
import waypost.core.anatomy.Placing;
import waypost.core.anatomy.Stance;
import waypost.core.body.Limb;

/** What each limb carries of the body while something is done, at the worse end of it: worked out, not said. */
public final class Carried {

    private final Map<Half, Map<Limb, Double>> percent = new EnumMap<>(Half.class);

    private Carried() {
        for (Half half : Half.values()) {
            percent.put(half, new EnumMap<>(Limb.class));
        }
    }

    /**
     * By somebody of middling build. Lying and sitting, nothing is carried by limbs.
     *
     * @throws IllegalArgumentException where the body as it is said could not hold itself so
     */
    public static Carried by(Done done) {
        Carried carried = new Carried();
        done.ends().stream().filter(Carried::isOnLimbs).forEach(carried::add);
        return carried;
    }

    private static boolean isOnLimbs(Stance stance) {
        return stance.contacts().stream().map(Contact::spot).allMatch(spot -> spot.isOfArm() || spot.isOfLeg());
    }

    private void add(Stance stance) {
        Held held = Equilibrium.of(new Placing(Build.MIDDLING).place(stance), stance.contacts(), List.of());
        percent.forEach((half, limbs) -> {
            for (Limb limb : Limb.values()) {
                limbs.merge(limb, held.sharePercent(half, limb), Math::max);
            }
        });
    }

    /** In percent of body mass. */
    public double percent(Half half, Limb limb) {
        return percent.getOrDefault(half, Map.of()).getOrDefault(limb, 0.0);
    }
}
