package waypost.core.gait;

import waypost.core.demand.BodyShare;

/**
 * What is held while walking.
 *
 * <p>With one hand no more than about a quarter of the body's weight is taken off the leg, so that one crutch or a cane is none
 * for a leg that may carry less than three quarters (common practice, no source).
 */
public enum Aid {
    WALKER(0),
    TWO_CRUTCHES(0),
    ONE_CRUTCH(75),
    CANE(75),
    NONE(100);

    private final double leastPercent;

    Aid(double leastPercent) {
        this.leastPercent = leastPercent;
    }

    /** Whether it is held in both hands, so that a leg can be left off the floor. */
    public boolean isInBothHands() {
        return this == WALKER || this == TWO_CRUTCHES;
    }

    /** Whether a leg that may carry so much at most can be walked on with it. */
    public boolean isEnoughFor(BodyShare most) {
        return most.percent() >= leastPercent;
    }
}
