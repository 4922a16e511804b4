package waypost.core.gait;

import waypost.core.demand.BodyShare;

/** In which order aid and feet go. */
public enum Pattern {
    /** Aid, operated leg, then the other leg up to it. */
    THREE_POINT_TO,
    /** Aid, operated leg, then the other leg past it. */
    THREE_POINT_THROUGH,
    /** Aid and the leg across from it together; the other leg only up to one that may not be left behind. */
    TWO_POINT;

    private static final double HALF_PERCENT = 50;

    /** Whether it can be walked with an aid on a leg that may carry so much and be left behind so far. */
    public boolean goesWith(Aid aid, BodyShare most, LegBounds bounds) {
        return switch (this) {
            case THREE_POINT_TO -> aid.isInBothHands();
            case THREE_POINT_THROUGH ->
                bounds.letsPass(most)
                        && (aid == Aid.TWO_CRUTCHES || aid == Aid.WALKER && most.percent() >= HALF_PERCENT);
            case TWO_POINT -> aid != Aid.WALKER && most.percent() >= HALF_PERCENT;
        };
    }
}
