package waypost.core.anatomy;

/**
 * How tall and heavy a person is.
 *
 * @param statureMetres 1 to 2.3
 * @param massKilograms 25 to 300
 */
public record Build(double statureMetres, double massKilograms) {

    /** Somebody of middling build, where nobody has said: 1.75 m, 75 kg. */
    public static final Build MIDDLING = new Build(1.75, 75);

    private static final double GRAVITY = 9.81;
    private static final double LEAST_STATURE = 1;
    private static final double MOST_STATURE = 2.3;
    private static final double LEAST_MASS = 25;
    private static final double MOST_MASS = 300;

    public Build {
        if (!(statureMetres >= LEAST_STATURE && statureMetres <= MOST_STATURE)) {
            throw new IllegalArgumentException(
                    "stature: found " + statureMetres + " m, allowed: " + LEAST_STATURE + " to " + MOST_STATURE + " m");
        }
        if (!(massKilograms >= LEAST_MASS && massKilograms <= MOST_MASS)) {
            throw new IllegalArgumentException(
                    "mass: found " + massKilograms + " kg, allowed: " + LEAST_MASS + " to " + MOST_MASS + " kg");
        }
    }

    /** Of something of so many kilograms, in newtons. */
    public static double weight(double kilograms) {
        return kilograms * GRAVITY;
    }

    /** Of the whole person, in newtons. */
    public double weight() {
        return weight(massKilograms);
    }

    double weight(Segment segment) {
        return weight() * segment.massShare();
    }

    double metres(double shareOfStature) {
        return statureMetres * shareOfStature;
    }

    /** Of a segment, in metres. */
    public double length(Segment segment) {
        return metres(segment.lengthShare());
    }
}
