package waypost.core.exercise;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
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
 * @param other of the other side, which is as still as said, or else as its posture has it
 * @param touching what touches what; as the posture has it where nothing is said
 * @param band what pulls at it, where a band does
 * @param because why a role may say less than a body that is held so must do
 */
public record Pose(
        Posture posture,
        Map<Motion, Degrees> still,
        Map<Motion, Degrees> other,
        List<Contact> touching,
        Optional<Tether> band,
        Optional<String> because) {

    public Pose {
        still = Map.copyOf(still);
        other = Map.copyOf(other);
        touching = List.copyOf(touching);
    }

    /** As a posture has it, but for some joints that stay. */
    public static Pose of(Posture posture, Map<Motion, Degrees> still) {
        return new Pose(posture, still, Map.of(), List.of(), Optional.empty(), Optional.empty());
    }

    /** Whether the body is placed alike in both, whatever pulls at it. */
    public boolean isPlacedAs(Pose another) {
        return posture == another.posture
                && still.equals(another.still)
                && other.equals(another.other)
                && touching.equals(another.touching);
    }

    /** The same, but for what is touched. */
    public Pose on(List<Contact> others) {
        return new Pose(posture, still, other, others, band, because);
    }

    /** The same with its band anchored so much higher and further away. */
    public Pose anchored(double highMetres, double awayMetres) {
        Tether tether =
                band.orElseThrow(() -> new IllegalArgumentException("found no band, allowed: one under 'done: band'"));
        return new Pose(posture, still, other, touching, Optional.of(tether.anchored(highMetres, awayMetres)), because);
    }

    /** The same for another reason to say less than must be done; this one's where there is none. */
    public Pose because(Optional<String> reason) {
        return new Pose(posture, still, other, touching, band, reason.or(this::because));
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
