package waypost.core.anatomy;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;

/** Bodies to try, as an instructor would say them. */
final class Stances {

    private Stances() {}

    static Map<Motion, Degrees> angles(Object... pairs) {
        Map<Motion, Degrees> angles = new EnumMap<>(Motion.class);
        for (int at = 0; at < pairs.length; at += 2) {
            angles.put((Motion) pairs[at], Degrees.of(((Number) pairs[at + 1]).doubleValue()));
        }
        return angles;
    }

    @SafeVarargs
    static List<Contact> touching(List<Contact>... contacts) {
        return Stream.of(contacts).flatMap(List::stream).toList();
    }

    static Surface at(double height) {
        return new Surface.Level(height);
    }

    /** Arms straight down from the shoulders to the hands, the body straight from the shoulders to what it pivots on. */
    static Stance pressUp(Spot pivot, double shoulderFlexion, double handsHeight, double pivotHeight) {
        return press(
                pivot,
                angles(Motion.SHOULDER_FLEXION, shoulderFlexion, Motion.FOREARM_ROTATION, -90),
                handsHeight,
                pivotHeight);
    }

    /** Elbows wide and at right angles, the hands where they were. */
    static Stance pressDown(Spot pivot, double shoulderFlexion) {
        return press(
                pivot,
                angles(
                        Motion.SHOULDER_FLEXION, shoulderFlexion,
                        Motion.SHOULDER_ABDUCTION, 72,
                        Motion.ELBOW_FLEXION, 90),
                0,
                0);
    }

    private static Stance press(Spot pivot, Map<Motion, Degrees> arms, double handsHeight, double pivotHeight) {
        Map<Motion, Degrees> all = new EnumMap<>(arms);
        all.put(Motion.WRIST_FLEXION, Degrees.of(-90));
        all.put(Motion.KNEE_FLEXION, Degrees.of(pivot == Spot.KNEE ? 60 : 0));
        all.put(Motion.ANKLE_DORSIFLEXION, Degrees.of(pivot == Spot.KNEE ? -40 : 0));
        return new Stance(
                Attitude.ON_FRONT,
                JointAngles.alike(all),
                touching(Contact.both(Spot.PALM, at(handsHeight)), Contact.both(pivot, at(pivotHeight))));
    }

    static Stance standing(Map<Motion, Degrees> angles) {
        return new Stance(
                Attitude.UPRIGHT,
                JointAngles.alike(angles),
                touching(Contact.sole(Half.OPERATED, Surface.floor()), Contact.sole(Half.OTHER, Surface.floor())));
    }

    static Stance onOneFoot(Half half) {
        JointAngles lifted = JointAngles.alike(Map.of())
                .with(half.opposite(), Motion.HIP_FLEXION, Degrees.of(30))
                .with(half.opposite(), Motion.KNEE_FLEXION, Degrees.of(60));
        return new Stance(Attitude.UPRIGHT, lifted, Contact.sole(half, Surface.floor()));
    }

    /** Arms are longer than thighs, so the trunk rises to the shoulders; arms and thighs stand upright. */
    static Stance handsAndKnees() {
        Map<Motion, Degrees> angles = angles(
                Motion.SHOULDER_FLEXION, 73,
                Motion.FOREARM_ROTATION, -90,
                Motion.WRIST_FLEXION, -90,
                Motion.HIP_FLEXION, 73,
                Motion.KNEE_FLEXION, 90,
                Motion.ANKLE_DORSIFLEXION, -50);
        return new Stance(
                Attitude.ON_FRONT,
                JointAngles.alike(angles),
                touching(Contact.both(Spot.PALM, at(0)), Contact.both(Spot.KNEE, at(0))));
    }

    static Stance bridge() {
        Map<Motion, Degrees> angles = angles(Motion.HIP_FLEXION, 0, Motion.KNEE_FLEXION, 110);
        return new Stance(
                Attitude.ON_BACK,
                JointAngles.alike(angles),
                touching(
                        Contact.both(Spot.SHOULDER_BLADE, at(0)),
                        Contact.sole(Half.OPERATED, at(0)),
                        Contact.sole(Half.OTHER, at(0))));
    }

    static Stance wallSquat(double knee) {
        Map<Motion, Degrees> angles = angles(Motion.HIP_FLEXION, knee, Motion.KNEE_FLEXION, knee);
        List<Contact> contacts = new ArrayList<>(
                touching(Contact.sole(Half.OPERATED, Surface.floor()), Contact.sole(Half.OTHER, Surface.floor())));
        contacts.addAll(Contact.both(Spot.SHOULDER_BLADE, Surface.Upright.BEHIND));
        contacts.addAll(Contact.both(Spot.BUTTOCK, Surface.Upright.BEHIND));
        return new Stance(Attitude.UPRIGHT, JointAngles.alike(angles), contacts);
    }
}
