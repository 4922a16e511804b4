package waypost.core.limit;

import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;
import waypost.core.demand.Demand.Movement;
import waypost.core.exercise.Role;

/**
 * A zone of one motion, as a part of a combination: "hip flexion beyond 60".
 *
 * @param zone entered when a movement goes beyond its edge
 */
public record Component(Motion motion, Arc zone) {

    private static final Degrees NEUTRAL = Degrees.of(0);

    /** Whether {@code movement} goes into the zone. */
    public boolean enteredBy(Movement movement) {
        return movement.motion() == motion && movement.arc().enters(zone);
    }

    /** Whether what occurs together with the demand at this place goes into the zone; unsaid is neutral, 0°. */
    public boolean enteredBeside(Role role, int at) {
        boolean said = role.movementsWith(at).anyMatch(m -> m.motion() == motion);
        return said ? role.movementsWith(at).anyMatch(this::enteredBy) : new Arc(NEUTRAL, NEUTRAL).enters(zone);
    }
}
