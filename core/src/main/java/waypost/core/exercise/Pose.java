package waypost.core.exercise;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import waypost.core.anatomy.Contact;
import waypost.core.anatomy.Tether;
import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.body.Motion;
import waypost.core.demand.Demand.Movement;
import waypost.core.demand.Posture;

/**
 * How the body is placed: joints that move go from the start to the end of their arc in the direction in which the muscles
 * work; {@code still} ones stay; all others are as the posture has them.
 *
 * @param still of the operated side
 * @param sides whether the other side does the same
 * @param other of the other side, which is as still as said, or else as its posture has it
 * @param touching what touches what; as the posture has it where nothing is said
 * @param inPassing whether nobody holds still in it: walking, running
 * @param band what pulls at it, where a band does
 * @param because why a role may say less than a body that is held so must do
 */
public record Pose(
        Posture posture,
        Map<Motion, Degrees> still,
        Sides sides,
        Map<Motion, Degrees> other,
        List<Contact> touching,
        boolean inPassing,
        Optional<Tether> band,
        Optional<String> because) {

    /** What the two sides have to do with each other. */
    public enum Sides {
        /** The other one is held. */
        ONE,
        /** Both do the same. */
        ALIKE,
        /** Both do the same, and one is where it begins while the other is where it ends. */
        IN_TURN
    }

    public Pose {
        still = Map.copyOf(still);
        other = Map.copyOf(other);
        touching = List.copyOf(touching);
    }

    /** As a posture has it, but for some joints that stay. */
    public static Pose of(Posture posture, Map<Motion, Degrees> still) {
        return new Pose(posture, still, Sides.ONE, Map.of(), List.of(), false, Optional.empty(), Optional.empty());
    }

    /** Whether the body is placed alike in both, whatever pulls at it. */
    public boolean isPlacedAs(Pose another) {
        return posture == another.posture
                && still.equals(another.still)
                && sides == another.sides
                && other.equals(another.other)
                && touching.equals(another.touching);
    }

    /** Whether the other side does the same. */
    public boolean isOfBothSides() {
        return sides != Sides.ONE;
    }

    /** The same where both sides do it so. */
    public Pose of(Sides others) {
        return new Pose(posture, still, others, other, touching, inPassing, band, because);
    }

    /** Whether what touches what on one side does so on the other side of the other, and the two sides differ in it. */
    public boolean mirrors(Pose another) {
        Set<Contact> mine = Set.copyOf(touching);
        Set<Contact> mirrored = another.touching.stream().map(Contact::mirrored).collect(Collectors.toSet());
        return posture == another.posture && !touching.equals(another.touching) && mine.equals(mirrored);
    }

    /** The same, but for what is touched. */
    public Pose on(List<Contact> others) {
        return new Pose(posture, still, sides, other, others, inPassing, band, because);
    }

    /** The same with its band anchored so much higher and further away. */
    public Pose anchored(double highMetres, double awayMetres) {
        Tether tether =
                band.orElseThrow(() -> new IllegalArgumentException("found no band, allowed: one under 'done: band'"));
        return new Pose(
                posture,
                still,
                sides,
                other,
                touching,
                inPassing,
                Optional.of(tether.anchored(highMetres, awayMetres)),
                because);
    }

    /** The same for another reason to say less than must be done; this one's where there is none. */
    public Pose because(Optional<String> reason) {
        return new Pose(posture, still, sides, other, touching, inPassing, band, reason.or(this::because));
    }

    /** Where the joints of a role stand before the movement. */
    public Map<Motion, Degrees> start(Role role) {
        return angles(
                role,
                m -> m.working() == Direction.POSITIVE
                        ? m.arc().least()
                        : m.arc().most());
    }

    /** Where the joints of a role stand at the end of the movement. */
    public Map<Motion, Degrees> end(Role role) {
        return angles(
                role,
                m -> m.working() == Direction.POSITIVE
                        ? m.arc().most()
                        : m.arc().least());
    }

    private Map<Motion, Degrees> angles(Role role, Function<Movement, Degrees> at) {
        Map<Motion, Degrees> angles = new EnumMap<>(Motion.class);
        angles.putAll(still);
        role.demands().stream()
                .filter(Movement.class::isInstance)
                .map(Movement.class::cast)
                .forEach(movement -> angles.put(movement.motion(), at.apply(movement)));
        return angles;
    }
}
