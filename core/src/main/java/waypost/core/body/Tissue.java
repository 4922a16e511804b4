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
    FINGER_FLEXORS,
    FINGER_EXTENSORS,
    HIP_FLEXORS,
    HIP_ABDUCTORS,
    GLUTEALS,
    CRUCIATE_GRAFT,
    MENISCUS,
    QUADRICEPS,
    PATELLAR_TENDON,
    QUADRICEPS_TENDON,
    HAMSTRING,
    CALF
}
