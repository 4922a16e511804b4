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
    STANDING;

    /** The same told from the other side. */
    public Posture fromOtherSide() {
        return switch (this) {
            case ON_OPERATED_SIDE -> ON_OTHER_SIDE;
            case ON_OTHER_SIDE -> ON_OPERATED_SIDE;
            default -> this;
        };
    }
}
