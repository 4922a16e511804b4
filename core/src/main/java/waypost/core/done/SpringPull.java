package waypost.core.done;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import waypost.core.anatomy.Build;
import waypost.core.anatomy.Placing;
import waypost.core.anatomy.Skeleton;
import waypost.core.anatomy.Tether;
import waypost.core.demand.Demand.Movement;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Role;
import waypost.core.strength.Force;
import waypost.core.strength.Spring;

/**
 * How far somebody draws a carriage against its springs, and what each newton in the hand does to the joint that works against
 * it.
 *
 * @param movement what works against them
 * @param travelMetres how far the carriage is from home where the movement ends
 * @param startArmMetres the lever about the joint while the carriage is home
 * @param endArmMetres the lever at the far end
 * @param share of the springs' pull in each hand: half of it where both arms draw
 */
public record SpringPull(
        Movement movement, double travelMetres, double startArmMetres, double endArmMetres, double share) {

    private static final double HALF = 0.5;

    /** By a body; empty where no carriage is drawn or nothing works against it. */
    public static Optional<SpringPull> of(Activity.Exercise exercise, Role role, Build build) {
        Pose pose = exercise.pose(role);
        return pose.band()
                .filter(band -> band.from() instanceof Tether.Carriage)
                .flatMap(springs -> BandPull.resisted(role)
                        .map(movement -> of(Done.of(exercise, role), springs, movement, build, share(pose))));
    }

    private static double share(Pose pose) {
        return pose.isOfBothSides() ? HALF : 1;
    }

    private static SpringPull of(Done done, Tether springs, Movement movement, Build build, double share) {
        Skeleton start = new Placing(build).place(done.start());
        Skeleton end = new Placing(build).place(done.end());
        return new SpringPull(
                movement,
                Math.abs(springs.length(end) - springs.length(start)),
                BandPull.arm(start, springs, movement),
                BandPull.arm(end, springs, movement),
                share);
    }

    /** What each hand holds at the start; empty beyond what was measured. */
    public Optional<Force> atStart(Spring spring) {
        return spring.away(0).map(this::inEachHand);
    }

    /** What each hand holds at the far end; empty beyond what was measured. */
    public Optional<Force> atEnd(Spring spring) {
        return spring.away(travelMetres).map(this::inEachHand);
    }

    private Force inEachHand(Force whole) {
        return new Force(whole.newtons() * share);
    }

    /** The strongest with which no hand holds more than this anywhere on the way; what nobody measured so far is left out. */
    public Optional<Spring> strongest(List<Spring> springs, Force most) {
        return springs.stream()
                .filter(spring -> atEnd(spring)
                        .filter(force -> force.newtons() <= most.newtons())
                        .isPresent())
                .max(Comparator.comparingDouble(
                        spring -> atEnd(spring).orElseThrow().newtons()));
    }
}
