package waypost.core.done;

import java.util.List;
import java.util.Optional;
import waypost.core.anatomy.Build;
import waypost.core.anatomy.Held;
import waypost.core.anatomy.Placing;
import waypost.core.anatomy.Skeleton;
import waypost.core.anatomy.Stance;
import waypost.core.anatomy.Tether;
import waypost.core.body.Mode;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand.Movement;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;

/**
 * How long a band is where a movement begins and where it ends, and what each newton of it does to the joint that works
 * against it.
 *
 * @param movement what works against it
 */
public record BandPull(Movement movement, At start, At end) {

    /**
     * At one end of the movement.
     *
     * @param lengthMetres from where it pulls to where it is fixed
     * @param armMetres its lever about the joint, by the axis of the movement: negative where it helps; empty for a limb that
     *     stands, since the ground then holds as well
     */
    public record At(double lengthMetres, Optional<Double> armMetres) {}

    /** By a body; empty where no band pulls or nothing works against it. */
    public static Optional<BandPull> of(Activity.Exercise exercise, Role role, Build build) {
        return exercise.pose(role)
                .band()
                .filter(band -> !(band.from() instanceof Tether.Carriage))
                .flatMap(band -> resisted(role).map(movement -> {
                    Done done = Done.of(exercise, role);
                    return new BandPull(
                            movement, at(done.start(), band, movement, build), at(done.end(), band, movement, build));
                }));
    }

    static Optional<Movement> resisted(Role role) {
        return role.demands().stream()
                .filter(Movement.class::isInstance)
                .map(Movement.class::cast)
                .filter(movement -> movement.mode() == Mode.RESISTED)
                .findFirst();
    }

    private static At at(Stance stance, Tether band, Movement movement, Build build) {
        Skeleton skeleton = new Placing(build).place(stance);
        return new At(
                band.length(skeleton),
                movement.chain() == Chain.CLOSED ? Optional.empty() : Optional.of(arm(skeleton, band, movement)));
    }

    /** What each newton of it does about the joint that a movement works. */
    static double arm(Skeleton skeleton, Tether band, Movement movement) {
        double with = JointTorque.of(new Held(skeleton, List.of(), List.of(band.oneNewton(skeleton))), movement);
        double without = JointTorque.of(new Held(skeleton, List.of(), List.of()), movement);
        return with - without;
    }
}
