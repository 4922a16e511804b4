package waypost.core.gait;

/** How somebody turns round, by what their leg must not do. */
public enum Turning {
    /** Toward the other side in small steps: the operated leg never crosses and never turns in. */
    TOWARD_THE_OTHER_SIDE(-1, 20, false),
    /** Round in small steps with the operated foot first: it is never left behind. */
    OPERATED_FOOT_FIRST(1, 20, true),
    /** Toward the other side with the operated foot first: it never turns out. */
    NEVER_TURNED_OUT(-1, 20, true),
    /** Where no rule speaks of the hip: in small steps, each foot lifted. */
    IN_SMALL_STEPS(-1, 20, false),
    /** What holds for every approach: toward the other side in still smaller steps, the operated foot close after. */
    BY_EVERY_RULE(-1, 14, false);

    private final int towardOperated;
    private final double stepDegrees;
    private final boolean operatedFirst;

    Turning(int towardOperated, double stepDegrees, boolean operatedFirst) {
        this.towardOperated = towardOperated;
        this.stepDegrees = stepDegrees;
        this.operatedFirst = operatedFirst;
    }

    public boolean isTowardTheOtherSide() {
        return towardOperated < 0;
    }

    public boolean isOperatedFirst() {
        return operatedFirst;
    }

    double stepDegrees() {
        return stepDegrees;
    }
}
