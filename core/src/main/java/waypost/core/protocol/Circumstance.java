package waypost.core.protocol;

import java.util.Optional;
import java.util.Set;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand.Movement;
import waypost.core.demand.Loading;
import waypost.core.demand.Support;
import waypost.core.exercise.Role;

/**
 * The movements that a limit looks at. Everything that is left out matches.
 *
 * @param modes the modes it looks at; empty for all
 * @param loadedAtLeast only movements that work against at least so much
 * @param support only while the limb carries weight on this kind of support
 */
public record Circumstance(
        Motion motion,
        Optional<Direction> working,
        Set<Mode> modes,
        Optional<Chain> chain,
        Optional<Loading> loadedAtLeast,
        Optional<Support> support) {

    public Circumstance {
        modes = Set.copyOf(modes);
    }

    /** Every movement on this axis. */
    public static Circumstance any(Motion motion) {
        return new Circumstance(
                motion, Optional.empty(), Set.of(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    public boolean matches(Movement movement, Role role) {
        return movement.motion() == motion
                && (modes.isEmpty() || modes.contains(movement.mode()))
                && working.map(w -> w == movement.working()).orElse(true)
                && chain.map(c -> c == movement.chain()).orElse(true)
                && loadedAtLeast.map(l -> !l.exceeds(movement.loading())).orElse(true)
                && support.map(role::standsOn).orElse(true);
    }
}
