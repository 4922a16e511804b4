package waypost.core.anatomy;

import java.util.OptionalDouble;

/**
 * How high a step or a seat is on which a leg bends so far, and the other way round: two sides of a triangle, thigh and
 * shank, by a body of middling build. Where the hip is over the foot meanwhile is common practice, no source.
 */
public enum BentLeg {
    /** Climbed: the other leg stands straight on the floor, and the foot is set a short step ahead of the hip. */
    STEP_UP {
        @Override
        public double heightMetres(double knee) {
            double hip = Math.sqrt(Math.max(0, chord(knee) * chord(knee) - AHEAD * AHEAD));
            return straight() - hip;
        }

        @Override
        double knee(double height) {
            return height > straight() ? Double.NaN : kneeOf(Math.hypot(straight() - height, AHEAD));
        }
    },

    /** Let down from: the hip stays over the foot, and comes down by the height of the step. */
    STEP_DOWN {
        @Override
        public double heightMetres(double knee) {
            return straight() - chord(knee);
        }

        @Override
        double knee(double height) {
            return kneeOf(straight() - height);
        }
    },

    /** Sat upon: the shank leans a little, and the flesh is under the hip. */
    SEAT {
        @Override
        public double heightMetres(double knee) {
            return ON_SHANK + THIGH * Math.cos(Math.toRadians(knee - LEANING));
        }

        @Override
        double knee(double height) {
            return LEANING + Math.toDegrees(Math.acos((height - ON_SHANK) / THIGH));
        }
    };

    private static final Build BUILD = Build.MIDDLING;
    private static final double THIGH = BUILD.length(Segment.THIGH);
    private static final double SHANK = BUILD.length(Segment.SHANK);
    private static final double AHEAD = 0.25;
    private static final double LEANING = 10;
    private static final double ANKLE = BUILD.metres(0.039);
    private static final double FLESH = 0.08;
    private static final double ON_SHANK = ANKLE + SHANK * Math.cos(Math.toRadians(LEANING)) - FLESH;

    /** The height, in metres, for a knee bent so many degrees. */
    public abstract double heightMetres(double knee);

    abstract double knee(double height);

    /** The degrees to which the knee bends for a height in metres; empty where no leg bends so. */
    public OptionalDouble kneeDegrees(double heightMetres) {
        double knee = knee(heightMetres);
        return knee >= 0 && knee <= 140 ? OptionalDouble.of(knee) : OptionalDouble.empty();
    }

    private static double straight() {
        return THIGH + SHANK;
    }

    private static double chord(double knee) {
        return Math.sqrt(THIGH * THIGH + SHANK * SHANK + 2 * THIGH * SHANK * Math.cos(Math.toRadians(knee)));
    }

    private static double kneeOf(double chord) {
        return Math.toDegrees(Math.acos((chord * chord - THIGH * THIGH - SHANK * SHANK) / (2 * THIGH * SHANK)));
    }
}
