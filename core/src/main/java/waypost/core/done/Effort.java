package waypost.core.done;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import waypost.core.anatomy.Build;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Held;
import waypost.core.anatomy.Placing;
import waypost.core.anatomy.Pull;
import waypost.core.anatomy.Spot;
import waypost.core.anatomy.Stance;
import waypost.core.body.Direction;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Tissue;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.Level;
import waypost.core.demand.LoadUnit;
import waypost.core.exercise.Role;

/**
 * How hard the muscles about a joint must at least work against the weight of the body and of what is held, as a share of what
 * strong healthy people can hold there. Bands, and weights that legs carry on the trunk, are left out: it is never more than
 * must be.
 *
 * <p>Strength in newton-metres a kilogram of body mass: held still, strong grown people, from memory of norms (Hogrel and
 * others 2007; Harbo and others 2012 for what they hold at 60 degrees a second, a fifth added), rounded up; forearm and hand
 * are not told.
 *
 * @param share of what can be held, 1 for all of it
 */
public record Effort(Tissue tissue, Mode mode, double share) {

    /** Below this share of what can be held nothing is told. */
    private static final double RESTS = 0.05;

    /** Below this share the effort is low, from the other one on it is high. Common practice, no source. */
    private static final double MODERATE_FROM = 0.2;

    private static final double HIGH_FROM = 0.5;

    /** By how much the arithmetic may be off: build, strength and how the weight is shared. */
    private static final double OFF = 1.5;

    /** What works one way about a joint, and how strong it is in newton-metres a kilogram. */
    private record Group(Tissue tissue, double strength) {}

    /** By motion: what works in the positive direction, then in the negative one. */
    private static final Map<Motion, List<Group>> GROUPS = Map.of(
            Motion.KNEE_FLEXION, List.of(new Group(Tissue.HAMSTRING, 1.5), new Group(Tissue.QUADRICEPS, 3.0)),
            Motion.HIP_FLEXION, List.of(new Group(Tissue.HIP_FLEXORS, 2.0), new Group(Tissue.GLUTEALS, 3.0)),
            Motion.HIP_ABDUCTION, List.of(new Group(Tissue.HIP_ABDUCTORS, 1.8), new Group(Tissue.ADDUCTORS, 1.9)),
            Motion.ANKLE_DORSIFLEXION, List.of(new Group(Tissue.SHIN_MUSCLES, 0.55), new Group(Tissue.CALF, 2.2)),
            Motion.SHOULDER_FLEXION, List.of(new Group(Tissue.DELTOID, 0.95), new Group(Tissue.SCAPULAR_MUSCLES, 1.1)),
            Motion.SHOULDER_ABDUCTION, List.of(new Group(Tissue.DELTOID, 0.85), new Group(Tissue.PECTORALS, 1.0)),
            Motion.SHOULDER_ROTATION,
                    List.of(new Group(Tissue.INFRASPINATUS, 0.45), new Group(Tissue.SUBSCAPULARIS, 0.6)),
            Motion.SHOULDER_CROSSING,
                    List.of(new Group(Tissue.PECTORALS, 1.1), new Group(Tissue.SCAPULAR_MUSCLES, 0.85)),
            Motion.ELBOW_FLEXION, List.of(new Group(Tissue.BICEPS, 0.9), new Group(Tissue.TRICEPS, 0.75)));

    /** What works in a role, as the body is held; nothing of what is only passed through. */
    public static List<Effort> of(Done done, Carried carried, Role role) {
        if (done.inPassing()) {
            return List.of();
        }
        List<Effort> efforts = new ArrayList<>();
        for (Demand demand : role.demands()) {
            if (demand instanceof Demand.Movement movement) {
                of(done, carried, role, movement)
                        .filter(effort -> effort.share >= RESTS)
                        .ifPresent(efforts::add);
            }
        }
        return efforts;
    }

    private static Optional<Effort> of(Done done, Carried carried, Role role, Demand.Movement movement) {
        List<Group> groups = GROUPS.getOrDefault(movement.motion(), List.of());
        boolean works = movement.mode() == Mode.ACTIVE || movement.mode() == Mode.RESISTED;
        if (groups.isEmpty() || !works) {
            return Optional.empty();
        }
        Group group = groups.get(movement.working() == Direction.POSITIVE ? 0 : 1);
        OptionalDouble newtonMetres = movement.chain() == Chain.CLOSED
                ? carried.worst(held -> JointTorque.of(held, movement))
                : done.ends().stream()
                        .mapToDouble(stance -> JointTorque.of(free(stance, role), movement))
                        .max();
        return newtonMetres.isEmpty()
                ? Optional.empty()
                : Optional.of(new Effort(
                        group.tissue,
                        movement.mode(),
                        newtonMetres.getAsDouble() / (group.strength * Build.MIDDLING.massKilograms())));
    }

    /** A limb that nothing holds up, with what is in its hand or at its ankle. */
    private static Held free(Stance stance, Role role) {
        List<Pull> weights = role.demands().stream()
                .filter(demand ->
                        demand instanceof Demand.Held held && held.load().unit() == LoadUnit.KILOGRAMS)
                .map(demand -> (Demand.Held) demand)
                .map(held -> Pull.ofWeight(
                        Half.OPERATED,
                        held.limb() == Limb.ARM ? Spot.PALM : Spot.ANKLE,
                        held.load().amount()))
                .toList();
        return new Held(new Placing(Build.MIDDLING).place(stance), List.of(), weights);
    }

    /** What it asks of the tissue. */
    Demand.TissueLoad load() {
        return new Demand.TissueLoad(tissue, level(share), mode, Optional.empty());
    }

    private static Level level(double share) {
        return share < MODERATE_FROM ? Level.LOW : share < HIGH_FROM ? Level.MODERATE : Level.HIGH;
    }

    /** What a role says of the tissue, where that is clearly less than it must be. */
    public Optional<Level> understated(Role role) {
        return role.demands().stream()
                .filter(demand -> demand instanceof Demand.TissueLoad load
                        && load.tissue() == tissue
                        && load.mode() != Mode.PASSIVE)
                .map(demand -> ((Demand.TissueLoad) demand).effort())
                .max(Comparator.naturalOrder())
                .filter(said -> level(share / OFF).exceeds(said));
    }
}
