package waypost.core.body;

/** A muscle–tendon unit, ligament or graft that an exercise loads and a surgeon may have repaired. */
public enum Tissue {
    CRUCIATE_GRAFT,
    MENISCUS,
    QUADRICEPS,
    PATELLAR_TENDON,
    QUADRICEPS_TENDON,
    HAMSTRING,
    CALF,
    GLUTEALS
}
