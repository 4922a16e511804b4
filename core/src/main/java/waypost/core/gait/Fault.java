package waypost.core.gait;

import java.util.Map;
import waypost.core.body.Side;

/** What is to be seen and stopped, drawn beside what is meant. */
public enum Fault {
    /** The operated foot comes down beyond the middle. */
    CROSSING,
    /** The body turns on the operated foot, which stands. */
    PIVOTING,
    /** The operated toes point in. */
    TURNED_IN,
    /** The operated leg is left behind with the toes out. */
    LEFT_BEHIND;

    private static final double HALF_WIDTH = 0.10;

    /** Where the feet stand in it. */
    public Stand stand(Side operated) {
        int side = operated == Side.RIGHT ? 1 : -1;
        return switch (this) {
            case CROSSING -> feet(place(-side * 2 * HALF_WIDTH, 0.25, 0), place(-side * HALF_WIDTH, 0, 0));
            case PIVOTING -> feet(place(side * HALF_WIDTH, 0, 0), place(-side * HALF_WIDTH, -0.15, -side * 60));
            case TURNED_IN -> feet(place(side * HALF_WIDTH, 0, -side * 35), place(-side * HALF_WIDTH, 0, 0));
            case LEFT_BEHIND -> feet(place(side * HALF_WIDTH, -0.35, side * 35), place(-side * HALF_WIDTH, 0.15, 0));
        };
    }

    private static Place place(double x, double y, double heading) {
        return new Place(x, y, heading, 0, false);
    }

    private static Stand feet(Place operated, Place other) {
        return new Stand(Map.of(Part.OPERATED_FOOT, operated, Part.OTHER_FOOT, other));
    }
}
