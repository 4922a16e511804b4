package waypost.core.exercise;

/** What an exercise is for. */
public enum Purpose {
    MOBILITY,
    ACTIVATION,
    STRENGTH,
    ENDURANCE,
    STABILITY,
    BALANCE,
    GAIT,
    CONDITIONING,
    IMPACT,
    SKILL,
    SCAR
}
