package waypost.core.demand;

/** How the body is placed; the sides of lying are told from the operated side. */
public enum Posture {
    SUPINE,
    PRONE,
    ON_OPERATED_SIDE,
    ON_OTHER_SIDE,
    HANDS_AND_KNEES,
    KNEELING,
    PLANK,
    SITTING,
    STANDING
}
