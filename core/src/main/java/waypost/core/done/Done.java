package waypost.core.done;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.anatomy.Build;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.JointAngles;
import waypost.core.anatomy.Placing;
import waypost.core.anatomy.Segment;
import waypost.core.anatomy.Stance;
import waypost.core.body.Degrees;
import waypost.core.body.Limb;
import waypost.core.body.Motion;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.Posture;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Role;

/**
 * How a role is done with the whole body: how it is held where the movement begins and where it ends. What a file does not say
 * of a side is as its posture has it.
 *
 * @param inPassing nobody holds still in it: walking, running, landing
 */
public record Done(Posture posture, Stance start, Stance middle, Stance end, boolean inPassing) {

    static final String BOTH = "both";

    /** What lies on the floor is as thick as this, in metres. */
    private static final double LEAST_RAISED = 0.05;

    /** As an exercise says it of a role, or of another form of one. */
    public static Done of(Activity.Exercise exercise, Role role) {
        Optional<Facing> facing = exercise.facing(role).map(part -> new Facing(exercise.pose(part), part));
        Done still = of(exercise.pose(role), role, facing, exercise.teaching().equipment());
        boolean inPassing = exercise.purpose() == Purpose.GAIT && role.name().equals(BOTH) || role.lands();
        return new Done(still.posture, still.start, still.middle, still.end, inPassing);
    }

    /** The part that the other limb plays meanwhile, as it is said from its own side. */
    public record Facing(Pose pose, Role role) {}

    /**
     * As a pose, the movements of a role and what it is done with say it.
     *
     * @param facing what the other limb does meanwhile, where it is written
     */
    public static Done of(Pose pose, Role role, Optional<Facing> facing, List<String> equipment) {
        JointAngles start = angles(
                pose, role, pose.start(role), facing.map(part -> part.pose().start(part.role())));
        JointAngles end = angles(
                pose, role, pose.end(role), facing.map(part -> part.pose().end(part.role())));
        JointAngles middle = halfWay(start, end);
        Footing footing = new Footing(pose, role, equipment, List.of(start, end));
        return new Done(pose.posture(), footing.stance(start), footing.stance(middle), footing.stance(end), false)
                .overTheFloor();
    }

    /** Whoever sits or lies is on something as high as it takes for nothing to hang under the floor: a saddle, a bed. */
    private Done overTheFloor() {
        boolean onTrunk = ends().stream()
                .flatMap(stance -> stance.contacts().stream())
                .allMatch(contact -> contact.spot().segment() == Segment.TRUNK
                        || contact.spot().segment() == Segment.HEAD);
        double lowest =
                onTrunk ? ends().stream().mapToDouble(Done::lowest).min().orElse(0) : 0;
        return lowest > -LEAST_RAISED
                ? this
                : new Done(posture, start.raised(-lowest), middle.raised(-lowest), end.raised(-lowest), inPassing);
    }

    private static double lowest(Stance stance) {
        return new Placing(Build.MIDDLING).place(stance).lowest();
    }

    /** The other side does what is written for it, or the same, or is held as is said. */
    private static JointAngles angles(
            Pose pose, Role role, Map<Motion, Degrees> operated, Optional<Map<Motion, Degrees>> facing) {
        Map<Motion, Degrees> other = new EnumMap<>(Motion.class);
        other.putAll(role.name().equals(BOTH) ? operated : facing.orElse(pose.still()));
        other.putAll(pose.other());
        return Bent.by(
                pose.posture(), !swings(role), new JointAngles(Map.of(Half.OPERATED, operated, Half.OTHER, other)));
    }

    /** Whether a leg of it moves in the air; what it bears in turn it bears before and after. */
    static boolean swings(Role role) {
        return role.demands().stream()
                .anyMatch(demand -> demand instanceof Demand.Movement movement
                        && movement.chain() == Chain.OPEN
                        && movement.motion().joint().limb() == Limb.LEG);
    }

    private static JointAngles halfWay(JointAngles start, JointAngles end) {
        JointAngles angles = start;
        for (Half half : Half.values()) {
            for (Motion motion : Motion.values()) {
                if (start.says(half, motion) || end.says(half, motion)) {
                    angles = angles.with(half, motion, Degrees.of((start.at(half, motion) + end.at(half, motion)) / 2));
                }
            }
        }
        return angles;
    }

    /** Both ends, between which it moves. */
    public List<Stance> ends() {
        return Stream.of(start, end).distinct().toList();
    }
}
