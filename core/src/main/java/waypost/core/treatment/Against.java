package waypost.core.treatment;

import java.util.List;
import java.util.Map;
import waypost.core.body.Direction;
import waypost.core.body.Motion;
import waypost.core.body.Tissue;

/**
 * The muscles that lie against the ends of a motion: they are stretched toward an end and pull away from it. Anatomy.
 *
 * @param ofPositive against flexion, abduction, external rotation, the axis's positive end
 * @param ofNegative against the way back
 */
record Against(List<Tissue> ofPositive, List<Tissue> ofNegative) {

    private static final Against FINGER = new Against(List.of(Tissue.FINGER_EXTENSORS), List.of(Tissue.FINGER_FLEXORS));

    private static final Map<Motion, Against> MUSCLES = Map.ofEntries(
            Map.entry(
                    Motion.SHOULDER_FLEXION,
                    new Against(
                            List.of(Tissue.PECTORALS, Tissue.SUBSCAPULARIS), List.of(Tissue.BICEPS, Tissue.DELTOID))),
            Map.entry(
                    Motion.SHOULDER_ABDUCTION,
                    new Against(
                            List.of(Tissue.PECTORALS, Tissue.SUBSCAPULARIS),
                            List.of(Tissue.SUPRASPINATUS, Tissue.DELTOID))),
            Map.entry(
                    Motion.SHOULDER_ROTATION,
                    new Against(
                            List.of(Tissue.SUBSCAPULARIS, Tissue.PECTORALS),
                            List.of(Tissue.INFRASPINATUS, Tissue.SUPRASPINATUS))),
            Map.entry(
                    Motion.SHOULDER_CROSSING,
                    new Against(
                            List.of(Tissue.INFRASPINATUS, Tissue.SCAPULAR_MUSCLES),
                            List.of(Tissue.PECTORALS, Tissue.SUBSCAPULARIS))),
            Map.entry(Motion.ELBOW_FLEXION, new Against(List.of(Tissue.TRICEPS), List.of(Tissue.BICEPS))),
            Map.entry(Motion.FOREARM_ROTATION, new Against(List.of(Tissue.FOREARM_FLEXORS), List.of(Tissue.BICEPS))),
            Map.entry(
                    Motion.WRIST_FLEXION,
                    new Against(List.of(Tissue.FOREARM_EXTENSORS), List.of(Tissue.FOREARM_FLEXORS))),
            Map.entry(Motion.MCP_FLEXION, FINGER),
            Map.entry(Motion.PIP_FLEXION, FINGER),
            Map.entry(Motion.DIP_FLEXION, FINGER),
            Map.entry(
                    Motion.HIP_FLEXION,
                    new Against(List.of(Tissue.GLUTEALS, Tissue.HAMSTRING), List.of(Tissue.HIP_FLEXORS))),
            Map.entry(Motion.HIP_ABDUCTION, new Against(List.of(Tissue.ADDUCTORS), List.of(Tissue.HIP_ABDUCTORS))),
            Map.entry(Motion.HIP_ROTATION, new Against(List.of(Tissue.HIP_ABDUCTORS), List.of(Tissue.GLUTEALS))),
            Map.entry(
                    Motion.KNEE_FLEXION,
                    new Against(
                            List.of(Tissue.QUADRICEPS, Tissue.QUADRICEPS_TENDON, Tissue.PATELLAR_TENDON),
                            List.of(Tissue.HAMSTRING, Tissue.CALF))),
            Map.entry(Motion.ANKLE_DORSIFLEXION, new Against(List.of(Tissue.CALF), List.of(Tissue.SHIN_MUSCLES))),
            Map.entry(
                    Motion.ANKLE_INVERSION,
                    new Against(List.of(Tissue.PERONEALS, Tissue.ANKLE_LIGAMENTS), List.of(Tissue.SHIN_MUSCLES))));

    /** What lies against moving so; never nothing. */
    static List<Tissue> moving(Motion motion, Direction toward) {
        Against ends = MUSCLES.get(motion);
        if (ends == null) {
            throw new IllegalArgumentException("motion: found " + motion + ", allowed: " + MUSCLES.keySet());
        }
        return toward == Direction.POSITIVE ? ends.ofPositive : ends.ofNegative;
    }
}
