package waypost.core.anatomy;

import java.util.OptionalDouble;

/**
 * How high a bar stands for which straight arms reach ahead of somebody who lies on the front, and the other way round: the arm
 * is the long side of a triangle whose upright side is how far the bar lies under the shoulder. By a body of middling build
 * whose shoulder is 80 cm over the floor, on a carriage with a box; common practice, no source.
 */
public final class ReachedBar {

    private static final Build BUILD = Build.MIDDLING;
    private static final double SHOULDER = 0.8;
    private static final double ARM =
            BUILD.length(Segment.UPPER_ARM) + BUILD.length(Segment.FOREARM) + BUILD.length(Segment.HAND) * 0.5;
    private static final double OVERHEAD = 180;

    private ReachedBar() {}

    /** The height, in metres over the floor, for an arm lifted so many degrees, from 90 to 180. */
    public static double heightMetres(double shoulderDegrees) {
        return SHOULDER - ARM * Math.sin(Math.toRadians(shoulderDegrees));
    }

    /** The degrees to which the arm is lifted for a height in metres; empty where no arm reaches so. */
    public static OptionalDouble shoulderDegrees(double heightMetres) {
        double share = (SHOULDER - heightMetres) / ARM;
        return share < 0 || share > 1
                ? OptionalDouble.empty()
                : OptionalDouble.of(OVERHEAD - Math.toDegrees(Math.asin(share)));
    }
}
