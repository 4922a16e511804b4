package waypost.core.paper;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import waypost.core.body.Direction;
import waypost.core.body.Joint;
import waypost.core.body.Motion;

/** What a motion is called at the joint that a paper is about. */
final class MotionNames {

    /** A motion in one of its directions. */
    record Named(Motion motion, Direction toward) {}

    private static final Map<Joint, Map<String, Named>> NAMES = Map.of(
            Joint.SHOULDER,
                    named(
                            Map.of(
                                    "flexion",
                                    Motion.SHOULDER_FLEXION,
                                    "abduction",
                                    Motion.SHOULDER_ABDUCTION,
                                    "external rotation",
                                    Motion.SHOULDER_ROTATION,
                                    "cross body",
                                    Motion.SHOULDER_CROSSING,
                                    "elevation",
                                    Motion.SHOULDER_FLEXION),
                            Map.of(
                                    "extension",
                                    Motion.SHOULDER_FLEXION,
                                    "internal rotation",
                                    Motion.SHOULDER_ROTATION)),
            Joint.ELBOW,
                    named(
                            Map.of("flexion", Motion.ELBOW_FLEXION, "supination", Motion.FOREARM_ROTATION),
                            Map.of("extension", Motion.ELBOW_FLEXION, "pronation", Motion.FOREARM_ROTATION)),
            Joint.HIP,
                    named(
                            Map.of(
                                    "flexion",
                                    Motion.HIP_FLEXION,
                                    "abduction",
                                    Motion.HIP_ABDUCTION,
                                    "external rotation",
                                    Motion.HIP_ROTATION),
                            Map.of(
                                    "extension",
                                    Motion.HIP_FLEXION,
                                    "adduction",
                                    Motion.HIP_ABDUCTION,
                                    "internal rotation",
                                    Motion.HIP_ROTATION)),
            Joint.KNEE, named(Map.of("flexion", Motion.KNEE_FLEXION), Map.of("extension", Motion.KNEE_FLEXION)),
            Joint.WRIST, named(Map.of("flexion", Motion.WRIST_FLEXION), Map.of("extension", Motion.WRIST_FLEXION)),
            Joint.ANKLE,
                    named(
                            Map.of("dorsiflexion", Motion.ANKLE_DORSIFLEXION, "inversion", Motion.ANKLE_INVERSION),
                            Map.of("plantar flexion", Motion.ANKLE_DORSIFLEXION, "eversion", Motion.ANKLE_INVERSION)));

    private MotionNames() {}

    private static Map<String, Named> named(Map<String, Motion> positive, Map<String, Motion> negative) {
        Map<String, Named> names = new LinkedHashMap<>();
        positive.forEach((name, motion) -> names.put(name, new Named(motion, Direction.POSITIVE)));
        negative.forEach((name, motion) -> names.put(name, new Named(motion, Direction.NEGATIVE)));
        return names;
    }

    /** The names of a joint's motions, by what they mean. */
    static Map<String, Named> of(Joint joint) {
        return NAMES.getOrDefault(joint, Map.of());
    }

    /** The one axis of a hinge; empty where a joint has several. */
    static Optional<Named> only(Joint joint) {
        return joint == Joint.KNEE || joint == Joint.ELBOW
                ? Optional.ofNullable(of(joint).get("flexion"))
                : Optional.empty();
    }
}
