package waypost.core.done;

import java.util.Map;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.JointAngles;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;
import waypost.core.demand.Posture;

/** How the joints of a posture are bent where nobody said: hands flat under the shoulders, knees under the hips. */
final class Bent {

    private static final double MOSTLY_BENT = 75;
    private static final double REACHING = 60;
    private static final Map<Motion, Degrees> SITTING =
            Map.of(Motion.HIP_FLEXION, Degrees.of(90), Motion.KNEE_FLEXION, Degrees.of(90));
    private static final Map<Motion, Degrees> ON_FOURS = Map.of(
            Motion.SHOULDER_FLEXION, Degrees.of(73),
            Motion.FOREARM_ROTATION, Degrees.of(-90),
            Motion.WRIST_FLEXION, Degrees.of(-90),
            Motion.HIP_FLEXION, Degrees.of(73),
            Motion.KNEE_FLEXION, Degrees.of(90),
            Motion.ANKLE_DORSIFLEXION, Degrees.of(-50));
    private static final Map<Motion, Degrees> PLANK = Map.of(
            Motion.SHOULDER_FLEXION, Degrees.of(66),
            Motion.FOREARM_ROTATION, Degrees.of(-90),
            Motion.WRIST_FLEXION, Degrees.of(-90),
            Motion.ANKLE_DORSIFLEXION, Degrees.of(0));
    private static final Map<Motion, Degrees> KNEELING =
            Map.of(Motion.KNEE_FLEXION, Degrees.of(90), Motion.ANKLE_DORSIFLEXION, Degrees.of(10));

    private Bent() {}

    /**
     * The angles said, with the posture's own for what is not.
     *
     * @param bearing whether the legs that bend stand on the ground
     */
    static JointAngles by(Posture posture, boolean bearing, JointAngles said) {
        JointAngles angles = said;
        for (Half half : Half.values()) {
            boolean onForearm = posture == Posture.PLANK && isOnForearm(said, half);
            for (Map.Entry<Motion, Degrees> own : of(posture).entrySet()) {
                boolean flatHand = own.getKey() == Motion.WRIST_FLEXION && onForearm;
                if (!said.says(half, own.getKey()) && !flatHand) {
                    angles = angles.with(half, own.getKey(), own.getValue());
                }
            }
        }
        return posture == Posture.STANDING && bearing ? leaningWithTheShanks(angles) : angles;
    }

    /** Elbows bent under the shoulders: the forearms are on the ground. */
    static boolean isOnForearm(JointAngles angles, Half half) {
        return angles.at(half, Motion.ELBOW_FLEXION) > MOSTLY_BENT
                && angles.at(half, Motion.SHOULDER_FLEXION) > REACHING;
    }

    /** Who bends the knees in standing bends the hips as far, so that the trunk leans no more than the shanks do. */
    private static JointAngles leaningWithTheShanks(JointAngles said) {
        JointAngles angles = said;
        for (Half half : Half.values()) {
            double knee = said.at(half, Motion.KNEE_FLEXION);
            if (knee > 0 && !said.says(half, Motion.HIP_FLEXION)) {
                angles = angles.with(half, Motion.HIP_FLEXION, Degrees.of(knee));
            }
        }
        return angles;
    }

    private static Map<Motion, Degrees> of(Posture posture) {
        return switch (posture) {
            case SITTING -> SITTING;
            case HANDS_AND_KNEES -> ON_FOURS;
            case PLANK -> PLANK;
            case KNEELING -> KNEELING;
            default -> Map.of();
        };
    }
}
