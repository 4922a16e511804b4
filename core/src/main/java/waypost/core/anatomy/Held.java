package waypost.core.anatomy;

import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import waypost.core.body.Joint;
import waypost.core.body.Limb;

/**
 * A body held still: what pushes it where it touches, what pulls at it, and so what its limbs carry and its joints hold.
 *
 * @param pushes of everything it touches, nought included
 */
public record Held(Skeleton skeleton, List<Push> pushes, List<Pull> pulls) {

    private static final double WHOLE = 100;

    /** A force of something touched. */
    public record Push(Contact contact, Vector3D newtons) {

        /** How hard it is pressed upon. */
        public double pressed() {
            return contact.surface().normal().dotProduct(newtons);
        }
    }

    public Held {
        pushes = List.copyOf(pushes);
        pulls = List.copyOf(pulls);
    }

    /** How much of the body's mass a limb carries, in percent: what holds it up there, whatever presses sideways. */
    public double sharePercent(Half half, Limb limb) {
        return shareOf(contact -> contact.half() == half
                && (limb == Limb.ARM ? contact.spot().isOfArm() : contact.spot().isOfLeg()));
    }

    /** How much of it what is meant carries, in percent. */
    public double shareOf(Predicate<Contact> meant) {
        return pushes.stream()
                        .filter(push -> meant.test(push.contact()))
                        .mapToDouble(push -> push.newtons().getZ())
                        .sum()
                / skeleton.build().weight()
                * WHOLE;
    }

    /** How hard what is meant is pressed upon, in percent of body weight. */
    public double pressPercent(Predicate<Contact> meant) {
        return pushes.stream()
                        .filter(push -> meant.test(push.contact()))
                        .mapToDouble(Push::pressed)
                        .sum()
                / skeleton.build().weight()
                * WHOLE;
    }

    /** How much of the body's mass rests on a joint, in percent: what is carried beyond it less what hangs there itself. */
    public double throughPercent(Half half, Joint joint) {
        Set<Segment> beyond = Lever.allBeyond(joint);
        double own = beyond.stream().mapToDouble(Segment::massShare).sum() * WHOLE;
        return shareOf(contact ->
                        contact.half() == half && beyond.contains(contact.spot().segment()))
                - own;
    }

    /** What the muscles about a joint must hold, in newton-metres, by the axes of what the joint hangs on. */
    public JointMoment torque(Half half, Joint joint) {
        Vector3D at = skeleton.joint(half, joint);
        Set<Segment> beyond = Lever.allBeyond(joint);
        Vector3D sum = Vector3D.ZERO;
        for (Segment segment : beyond) {
            Vector3D weight = new Vector3D(0, 0, -skeleton.build().weight(segment));
            sum = sum.add(turning(at, skeleton.centre(half, segment), weight));
        }
        for (Push push : pushes) {
            if (push.contact().half() == half
                    && beyond.contains(push.contact().spot().segment())) {
                sum = sum.add(turning(at, skeleton.spot(half, push.contact().spot()), push.newtons()));
            }
        }
        for (Pull pull : pulls) {
            if (pull.half() == half && beyond.contains(pull.spot().segment())) {
                sum = sum.add(turning(at, skeleton.spot(half, pull.spot()), pull.newtons()));
            }
        }
        Vector3D held = skeleton.turnedBefore(half, joint).applyInverseTo(sum.negate());
        return JointMoment.of(half, joint, held);
    }

    private static Vector3D turning(Vector3D about, Vector3D at, Vector3D force) {
        return at.subtract(about).crossProduct(force);
    }
}
