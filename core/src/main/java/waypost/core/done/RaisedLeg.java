package waypost.core.done;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import waypost.core.anatomy.BentLeg;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;

/** A step or a seat: the leg bends further or less, all its joints in the same share. */
record RaisedLeg(BentLeg leg) implements Raising {

    private static final Map<Motion, Double> FURTHEST = new EnumMap<>(
            Map.of(Motion.KNEE_FLEXION, 140.0, Motion.HIP_FLEXION, 120.0, Motion.ANKLE_DORSIFLEXION, 40.0));

    @Override
    public Activity.Exercise by(Activity.Exercise exercise, double metres) {
        return exercise.with(
                exercise.roles().stream().map(role -> bent(role, metres)).toList());
    }

    @Override
    public Optional<Double> heightMetres(Role role) {
        return knee(role).map(leg::heightMetres);
    }

    /** With the legs bent in such a share of what is written that it fits what stands so much higher. */
    private Role bent(Role role, double metres) {
        double knee = knee(role)
                .orElseThrow(() -> new IllegalArgumentException(
                        "found no bend of a knee that stands, allowed: one in every role"));
        double height = leg.heightMetres(knee) + metres;
        OptionalDouble other = leg.kneeDegrees(height);
        if (other.isEmpty()) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT, "found a height of %.0f cm, allowed: one to which a leg bends", height * 100));
        }
        return sharing(role, other.getAsDouble() / knee);
    }

    private static Optional<Double> knee(Role role) {
        return role.demands().stream()
                .filter(demand -> demand instanceof Demand.Movement movement
                        && movement.motion() == Motion.KNEE_FLEXION
                        && movement.chain() == Chain.CLOSED)
                .map(demand -> ((Demand.Movement) demand).arc().most().value())
                .max(Double::compare);
    }

    private static Role sharing(Role role, double share) {
        Role now = role;
        for (int at = 0; at < role.demands().size(); at++) {
            if (role.demands().get(at) instanceof Demand.Movement movement
                    && movement.chain() == Chain.CLOSED
                    && FURTHEST.containsKey(movement.motion())) {
                now = now.replacing(at, sharing(movement, share));
            }
        }
        return now;
    }

    private static Demand.Movement sharing(Demand.Movement movement, double share) {
        double furthest = FURTHEST.getOrDefault(movement.motion(), 0.0);
        double most = Math.min(furthest, Math.rint(movement.arc().most().value() * share));
        double least = Math.min(movement.arc().least().value(), most);
        return new Demand.Movement(
                movement.motion(),
                Arc.between(least, most),
                movement.needs().map(needed -> Degrees.of(Math.min(furthest, Math.rint(needed.value() * share)))),
                movement.working(),
                movement.mode(),
                movement.chain(),
                movement.loading(),
                movement.end());
    }
}
