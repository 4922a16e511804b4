package waypost.app.figure;

import java.util.EnumMap;
import java.util.Map;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;
import waypost.core.demand.Posture;

/** The joint angles of a moment, filled up by what a posture brings with it. */
record Angles(Map<Motion, Double> at, Posture posture) {

    static Angles of(Map<Motion, Degrees> said, Posture posture) {
        Map<Motion, Double> at = new EnumMap<>(Motion.class);
        usual(posture, at);
        said.forEach((motion, angle) -> at.put(motion, angle.value()));
        return new Angles(at, posture);
    }

    /** The same posture with nothing moved: the other limb. */
    static Angles still(Posture posture) {
        return of(Map.of(), posture);
    }

    private static void usual(Posture posture, Map<Motion, Double> at) {
        switch (posture) {
            case SITTING -> {
                at.put(Motion.HIP_FLEXION, 90.0);
                at.put(Motion.KNEE_FLEXION, 90.0);
            }
            case HANDS_AND_KNEES -> {
                at.put(Motion.HIP_FLEXION, 90.0);
                at.put(Motion.KNEE_FLEXION, 90.0);
                at.put(Motion.SHOULDER_FLEXION, 90.0);
            }
            case KNEELING -> at.put(Motion.KNEE_FLEXION, 90.0);
            case PLANK -> at.put(Motion.SHOULDER_FLEXION, 75.0);
            default -> {}
        }
    }

    double of(Motion motion) {
        return at.getOrDefault(motion, 0.0);
    }

    boolean has(Motion motion) {
        return at.containsKey(motion);
    }

    /** Where the trunk points from hip to shoulder, seen from the side with the face to the right. */
    double trunk() {
        return switch (posture) {
            case SUPINE, ON_OPERATED_SIDE, ON_OTHER_SIDE -> 180;
            case PRONE -> 0;
            case HANDS_AND_KNEES -> 0;
            case PLANK -> 15;
            case KNEELING, SITTING, STANDING -> 90;
        };
    }
}
