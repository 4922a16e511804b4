package waypost.core.body;

/** A muscle–tendon unit, ligament or graft that an exercise loads and a surgeon may have repaired. */
public enum Tissue {
    SUPRASPINATUS,
    INFRASPINATUS,
    SUBSCAPULARIS,
    DELTOID,
    SCAPULAR_MUSCLES,
    PECTORALS,
    LABRUM,
    BICEPS,
    TRICEPS,
    FOREARM_FLEXORS,
    FOREARM_EXTENSORS,
    ELBOW_COLLATERAL_LIGAMENT,
    FINGER_FLEXORS,
    FINGER_EXTENSORS,
    TRUNK_MUSCLES,
    HIP_FLEXORS,
    HIP_ABDUCTORS,
    ADDUCTORS,
    GLUTEALS,
    CRUCIATE_GRAFT,
    MENISCUS,
    QUADRICEPS,
    PATELLAR_TENDON,
    QUADRICEPS_TENDON,
    HAMSTRING,
    CALF,
    PERONEALS,
    SHIN_MUSCLES,
    ANKLE_LIGAMENTS
}
