package waypost.core.movement;

import java.util.Set;
import waypost.core.body.Tissue;

/** What can be seen to go wrong in a movement, and which muscles it points to. Common practice, no source. */
public enum Fault {
    BLADE_WINGS(Tissue.SCAPULAR_MUSCLES, Watched.ARM_RAISE),
    SHOULDER_HIKES(Tissue.SCAPULAR_MUSCLES, Watched.ARM_RAISE),
    ARM_DROPS_COMING_DOWN(Tissue.SUPRASPINATUS, Watched.ARM_RAISE),
    LEANS_BACK(Tissue.DELTOID, Watched.ARM_RAISE),
    KNEE_FALLS_INWARD(Tissue.HIP_ABDUCTORS, Watched.SQUAT, Watched.STEP_DOWN, Watched.GAIT),
    PELVIS_DROPS(Tissue.HIP_ABDUCTORS, Watched.STEP_DOWN, Watched.GAIT),
    LEANS_OVER_THE_LEG(Tissue.HIP_ABDUCTORS, Watched.STEP_DOWN, Watched.GAIT),
    WEIGHT_OFF_THE_LEG(Tissue.QUADRICEPS, Watched.SQUAT),
    HIPS_BACK_TO_SPARE_THE_KNEE(Tissue.QUADRICEPS, Watched.SQUAT, Watched.STEP_DOWN),
    DROPS_THE_LAST_BIT(Tissue.QUADRICEPS, Watched.STEP_DOWN),
    KNEE_STIFF(Tissue.QUADRICEPS, Watched.GAIT),
    HEEL_LIFTS(Tissue.CALF, Watched.SQUAT, Watched.STEP_DOWN),
    NO_PUSH_OFF(Tissue.CALF, Watched.GAIT),
    SHORT_STEP_PAST_THE_LEG(Tissue.GLUTEALS, Watched.GAIT),
    FOOT_SLAPS(Tissue.SHIN_MUSCLES, Watched.GAIT);

    private final Tissue pointsTo;
    private final Set<Watched> seenIn;

    Fault(Tissue pointsTo, Watched... seenIn) {
        this.pointsTo = pointsTo;
        this.seenIn = Set.of(seenIn);
    }

    /** The muscles that it points to, if they are weak, asleep or spared. */
    public Tissue pointsTo() {
        return pointsTo;
    }

    boolean isSeenIn(Watched movement) {
        return seenIn.contains(movement);
    }
}
