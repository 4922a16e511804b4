package waypost.core.done;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;
import waypost.core.anatomy.Build;
import waypost.core.anatomy.Contact;
import waypost.core.anatomy.Equilibrium;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Held;
import waypost.core.anatomy.Placing;
import waypost.core.anatomy.Spot;
import waypost.core.anatomy.Stance;
import waypost.core.body.Arc;
import waypost.core.body.Limb;
import waypost.core.body.Motion;

/** What each limb carries of the body while something is done, at the worse end of it: worked out, not said. */
public final class Carried {

    private final List<Held> ends;

    private Carried(List<Held> ends) {
        this.ends = List.copyOf(ends);
    }

    /**
     * By somebody of middling build. Lying and sitting with nothing of a limb on the ground, nothing is carried by limbs; of
     * what is only passed through nothing is told.
     *
     * @throws IllegalArgumentException where the body as it is said could not hold itself so
     */
    public static Carried by(Done done) {
        return new Carried(done.ends().stream()
                .filter(stance -> !done.inPassing() && isOnLimbs(stance))
                .map(stance -> Equilibrium.of(new Placing(Build.MIDDLING).place(stance), stance.contacts(), List.of()))
                .toList());
    }

    private static boolean isOnLimbs(Stance stance) {
        return stance.contacts().stream().map(Contact::spot).anyMatch(spot -> spot.isOfArm() || spot.isOfLeg());
    }

    /** In percent of body mass. */
    public double percent(Half half, Limb limb) {
        return most(held -> held.sharePercent(half, limb));
    }

    /** What is carried on one place, in percent of body mass. */
    public double percent(Half half, Spot spot) {
        return most(held -> held.shareOf(contact -> contact.half() == half && contact.spot() == spot));
    }

    /** Whatever is asked of the body so held, at the end where it is most; empty where nothing is carried by limbs. */
    OptionalDouble worst(ToDoubleFunction<Held> asked) {
        return ends.stream().mapToDouble(asked).max();
    }

    private double most(ToDoubleFunction<Held> share) {
        return Math.max(0, ends.stream().mapToDouble(share).max().orElse(0));
    }

    /** Through which angles a joint goes meanwhile; empty where nothing is carried by limbs. */
    Optional<Arc> arc(Half half, Motion motion) {
        return ends.isEmpty()
                ? Optional.empty()
                : Optional.of(Arc.between(
                        angles(half, motion).min().orElse(0),
                        angles(half, motion).max().orElse(0)));
    }

    private DoubleStream angles(Half half, Motion motion) {
        return ends.stream().mapToDouble(held -> Math.rint(held.skeleton().angle(half, motion)));
    }
}
