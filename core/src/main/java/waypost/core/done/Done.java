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
import waypost.core.exercise.Role;

/**
 * How a role is done with the whole body: how it is held where the movement begins and where it ends. What a file does not say
 * of a side is as its posture has it.
 *
 * @param inPassing nobody holds still in it: walking, running, landing
 */
public record Done(Posture posture, Stance start, Stance middle, Stance end, boolean inPassing) {

    /** What lies on the floor is as thick as this, in metres. */
    private static final double LEAST_RAISED = 0.05;

    /** As an activity says it of a role, or of another form of one. */
    public static Done of(Activity activity, Role role) {
        Optional<Meanwhile> facing = activity.facing(role).map(part -> new Meanwhile(activity.pose(part), part));
        Done still = of(activity.pose(role), role, facing, activity.equipment());
        boolean inPassing = activity.pose(role).inPassing() || role.lands();
        return new Done(still.posture, still.start, still.middle, still.end, inPassing);
    }

    /** The part that the other limb plays meanwhile, as it is said from its own side. */
    public record Meanwhile(Pose pose, Role role) {}

    /**
     * As a pose, the movements of a role and what it is done with say it.
     *
     * @param facing what the other limb does meanwhile, where it plays a part
     */
    public static Done of(Pose pose, Role role, Optional<Meanwhile> facing, List<String> equipment) {
        Map<Motion, Degrees> first = pose.start(role);
        Map<Motion, Degrees> last = pose.end(role);
        JointAngles start = angles(
                pose,
                role,
                first,
                other(pose, first, last, facing.map(part -> part.pose().start(part.role()))));
        JointAngles end = angles(
                pose,
                role,
                last,
                other(pose, last, first, facing.map(part -> part.pose().end(part.role()))));
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

    /**
     * The other side does the same, or the part that faces this one, or is held as is said.
     *
     * @param then the operated side at the other end of the movement
     */
    private static Map<Motion, Degrees> other(
            Pose pose, Map<Motion, Degrees> now, Map<Motion, Degrees> then, Optional<Map<Motion, Degrees>> facing) {
        Map<Motion, Degrees> other = new EnumMap<>(Motion.class);
        other.putAll(
                switch (pose.sides()) {
                    case ALIKE -> now;
                    case IN_TURN -> then;
                    case ONE -> facing.orElse(pose.still());
                });
        other.putAll(pose.other());
        return other;
    }

    private static JointAngles angles(Pose pose, Role role, Map<Motion, Degrees> operated, Map<Motion, Degrees> other) {
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
