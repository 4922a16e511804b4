package waypost.core.limit;

import java.util.List;
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
 * @param motions at least one axis
 * @param modes the modes it looks at; empty for all
 * @param loadedAtLeast only movements that work against at least so much
 * @param support only while the limb carries weight on this kind of support
 * @param during only while other joints are in these zones at the same time
 */
public record Circumstance(
        Set<Motion> motions,
        Optional<Direction> working,
        Set<Mode> modes,
        Optional<Chain> chain,
        Optional<Loading> loadedAtLeast,
        Optional<Support> support,
        List<Component> during) {

    public Circumstance {
        motions = Set.copyOf(motions);
        modes = Set.copyOf(modes);
        during = List.copyOf(during);
        if (motions.isEmpty()) {
            throw new IllegalArgumentException("circumstance: found no motion, allowed: at least one");
        }
    }

    /** Every movement on this axis. */
    public static Circumstance any(Motion motion) {
        return new Circumstance(
                Set.of(motion),
                Optional.empty(),
                Set.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of());
    }

    /** Whether this looks at the demand at this place of the role. */
    public boolean matches(Role role, int at) {
        return role.demands().get(at) instanceof Movement movement
                && matches(movement)
                && support.map(role::standsOn).orElse(true)
                && (during.isEmpty() || during.stream().allMatch(component -> component.enteredBeside(role, at)));
    }

    private boolean matches(Movement movement) {
        return motions.contains(movement.motion())
                && (modes.isEmpty() || modes.contains(movement.mode()))
                && working.map(w -> w == movement.working()).orElse(true)
                && chain.map(c -> c == movement.chain()).orElse(true)
                && loadedAtLeast.map(l -> !l.exceeds(movement.loading())).orElse(true);
    }
}
