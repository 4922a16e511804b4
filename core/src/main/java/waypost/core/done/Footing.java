package waypost.core.done;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import waypost.core.anatomy.Attitude;
import waypost.core.anatomy.Contact;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.JointAngles;
import waypost.core.anatomy.Spot;
import waypost.core.anatomy.Stance;
import waypost.core.anatomy.Surface;
import waypost.core.body.Direction;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.body.Motion;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.Loading;
import waypost.core.demand.Posture;
import waypost.core.demand.Support;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Role;

/** What a body touches and how its trunk lies, by its posture, where nobody said more. Heights are common practice, no source. */
record Footing(Pose pose, Role role, List<String> equipment, List<JointAngles> ends) {

    private static final double HANGING = 15;
    private static final double RAISED = 12;
    private static final double STRAIGHT = 30;
    private static final double BENT = 45;
    private static final double RIGHT_ANGLE = 90;
    private static final double STEP_METRES = 0.2;
    private static final List<String> STEPS = List.of("step", "box", "stairs");
    private static final double SEAT_METRES = 0.45;

    /** How the body is held with its joints bent so. */
    Stance stance(JointAngles angles) {
        return new Stance(attitude(), angles, contacts(angles));
    }

    private Attitude attitude() {
        return switch (pose.posture()) {
            case SUPINE -> Attitude.ON_BACK;
            case PRONE, HANDS_AND_KNEES, PLANK -> Attitude.ON_FRONT;
            case ON_OPERATED_SIDE -> Attitude.ON_OPERATED_SIDE;
            case ON_OTHER_SIDE -> Attitude.ON_OTHER_SIDE;
            case KNEELING, SITTING, STANDING -> Attitude.UPRIGHT;
        };
    }

    private List<Contact> contacts(JointAngles angles) {
        if (!pose.touching().isEmpty()) {
            return pose.touching();
        }
        List<Contact> contacts = new ArrayList<>(body(angles));
        handOn(angles).ifPresent(contacts::add);
        return contacts;
    }

    private List<Contact> body(JointAngles angles) {
        return switch (pose.posture()) {
            case STANDING -> standing(angles);
            case SITTING -> both(new Surface.Level(SEAT_METRES), Spot.SEAT);
            case SUPINE -> supine();
            case PRONE -> both(Surface.floor(), Spot.BREAST, Spot.GROIN);
            case ON_OPERATED_SIDE -> lying(Half.OPERATED);
            case ON_OTHER_SIDE -> lying(Half.OTHER);
            case HANDS_AND_KNEES -> onFours(angles);
            case PLANK ->
                both(Surface.floor(), Bent.isOnForearm(angles, Half.OPERATED) ? Spot.ELBOW : Spot.PALM, Spot.TOES);
            case KNEELING -> both(Surface.floor(), Spot.KNEE, Spot.TOES);
        };
    }

    /** Who lifts the hips lies on the shoulders and stands on the feet; all others on the back. */
    private List<Contact> supine() {
        if (!liftsTheHips()) {
            return both(Surface.floor(), Spot.BUTTOCK, Spot.SHOULDER_BLADE, Spot.HEAD_BACK);
        }
        List<Contact> contacts = both(Surface.floor(), Spot.SHOULDER_BLADE);
        for (Half half : Half.values()) {
            if (half == Half.OPERATED || pose.isOfBothSides()) {
                contacts.addAll(Contact.sole(half, Surface.floor()));
            }
        }
        return contacts;
    }

    private boolean liftsTheHips() {
        boolean straightens = role.demands().stream()
                .anyMatch(demand -> demand instanceof Demand.Movement movement
                        && movement.chain() == Chain.CLOSED
                        && movement.loading() != Loading.NONE
                        && movement.motion() == Motion.HIP_FLEXION
                        && movement.working() == Direction.NEGATIVE
                        && movement.arc().least().value() < STRAIGHT);
        boolean slides = pressesLoaded(Joint.KNEE)
                && ends.stream().anyMatch(angles -> angles.at(Half.OPERATED, Motion.KNEE_FLEXION) > BENT)
                && ends.stream().noneMatch(angles -> angles.says(Half.OPERATED, Motion.HIP_FLEXION));
        return straightens || slides;
    }

    private boolean presses(Joint joint) {
        return role.demands().stream()
                .anyMatch(demand -> demand instanceof Demand.Movement movement
                        && movement.chain() == Chain.CLOSED
                        && movement.motion().joint() == joint);
    }

    private boolean pressesLoaded(Joint joint) {
        return role.demands().stream()
                .anyMatch(demand -> demand instanceof Demand.Movement movement
                        && movement.chain() == Chain.CLOSED
                        && movement.loading() != Loading.NONE
                        && movement.motion().joint() == joint);
    }

    /** A hand that is fixed in standing is on the wall or the table that the exercise needs. */
    private Optional<Contact> handOn(JointAngles angles) {
        boolean fixed = pose.posture() == Posture.STANDING && (presses(Joint.SHOULDER) || presses(Joint.ELBOW));
        boolean reaches = angles.at(Half.OPERATED, Motion.SHOULDER_FLEXION) > HANGING;
        return fixed && reaches && equipment.contains("wall")
                ? Optional.of(new Contact(Half.OPERATED, Spot.PALM, Surface.Upright.AHEAD))
                : Optional.empty();
    }

    /** Who sits back over the heels leaves the hands where they are and stands on shanks and toes. */
    private static List<Contact> onFours(JointAngles angles) {
        double knee = angles.at(Half.OPERATED, Motion.KNEE_FLEXION);
        return Math.abs(knee - RIGHT_ANGLE) > HANGING
                ? both(Surface.floor(), Spot.KNEE, Spot.TOES)
                : both(Surface.floor(), Spot.PALM, Spot.KNEE, Spot.TOES);
    }

    private static List<Contact> both(Surface surface, Spot... spots) {
        List<Contact> contacts = new ArrayList<>();
        for (Spot spot : spots) {
            contacts.addAll(Contact.both(spot, surface));
        }
        return contacts;
    }

    private static List<Contact> lying(Half half) {
        return List.of(
                new Contact(half, Spot.HIP_SIDE, Surface.floor()),
                new Contact(half, Spot.SHOULDER_SIDE, Surface.floor()));
    }

    /** On both feet, unless it walks, or the file says that the operated leg stands alone, or is lifted. */
    private List<Contact> standing(JointAngles angles) {
        if (pose.inPassing() && pose.sides() == Pose.Sides.IN_TURN) {
            return walking(straighter(angles), angles);
        }
        if (!Done.swings(role) && bears(Support.ONE, true)) {
            return foot(Half.OPERATED, angles, STEPS.stream().anyMatch(equipment::contains) ? STEP_METRES : 0);
        }
        if (bears(Support.ONE, false) || Done.swings(role)) {
            return foot(Half.OTHER, angles, 0);
        }
        List<Contact> contacts = new ArrayList<>(foot(Half.OPERATED, angles, 0));
        contacts.addAll(foot(Half.OTHER, angles, 0));
        return contacts;
    }

    /** The leg that stands while the other one swings. */
    private static Half straighter(JointAngles angles) {
        return bent(angles, Half.OPERATED) <= bent(angles, Half.OTHER) ? Half.OPERATED : Half.OTHER;
    }

    private static double bent(JointAngles angles, Half half) {
        return Math.abs(angles.at(half, Motion.HIP_FLEXION)) + angles.at(half, Motion.KNEE_FLEXION);
    }

    /** On the sole, or on the toes where the heel has left the ground. */
    private static List<Contact> walking(Half half, JointAngles angles) {
        return angles.at(half, Motion.ANKLE_DORSIFLEXION) < -RAISED
                ? List.of(new Contact(half, Spot.TOES, Surface.floor()))
                : Contact.sole(half, Surface.floor());
    }

    /** The sole, or as much of it as the ankle leaves down while the knee is straight. */
    private static List<Contact> foot(Half half, JointAngles angles, double height) {
        Surface ground = new Surface.Level(height);
        double ankle = angles.at(half, Motion.ANKLE_DORSIFLEXION);
        if (ankle < -RAISED) {
            return List.of(new Contact(half, Spot.TOES, ground));
        }
        if (ankle > RAISED && angles.at(half, Motion.KNEE_FLEXION) < RAISED) {
            return List.of(new Contact(half, Spot.HEEL, ground));
        }
        return Contact.sole(half, ground);
    }

    private boolean bears(Support support, boolean anything) {
        return role.demands().stream()
                .anyMatch(demand -> demand instanceof Demand.Bearing bearing
                        && bearing.limb() == Limb.LEG
                        && bearing.share().percent() > 0 == anything
                        && (!anything || bearing.support() == support));
    }
}
