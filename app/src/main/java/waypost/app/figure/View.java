package waypost.app.figure;

import java.util.List;
import waypost.core.body.Motion;

/** One way of looking at the body. Directions are degrees anticlockwise from the right. */
interface View {

    /** From where it is seen. */
    String seen();

    /** What does not move: trunk and the other limbs, as paths. */
    List<Point[]> quiet();

    /** The operated limb at these angles, from its root outward. */
    Point[] limb(Angles angles);

    /** The joint about which the leading motion turns, at the end of the movement. */
    Point pivot(Angles angles);

    /** The direction of the moving segment when the leading motion stands at this angle, all else as at the end. */
    double direction(Motion motion, double angle, Angles angles);

    /** The middle of the head. */
    Point head();

    /** How the body stands when the foot of the limb bears it. */
    default Placing grounded(Angles angles, Angles start) {
        return Placing.NONE;
    }

    /** The head's radius; 0 where none is seen. */
    default double headRadius() {
        return Build.HEAD;
    }
}
