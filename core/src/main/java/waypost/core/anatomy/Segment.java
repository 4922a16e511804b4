package waypost.core.anatomy;

/**
 * A rigid part of the body. Shares of body mass and places of the centres: Dempster 1955 as given by Winter 1990; lengths as
 * shares of stature: Drillis and Contini 1966; all from memory. The trunk is taken as one piece from hips to shoulders.
 */
public enum Segment {
    HEAD(0.081, 0.182, 0.62, false),
    TRUNK(0.497, 0.288, 0.50, false),
    UPPER_ARM(0.028, 0.186, 0.436, true),
    FOREARM(0.016, 0.146, 0.430, true),
    HAND(0.006, 0.108, 0.506, true),
    THIGH(0.100, 0.245, 0.433, true),
    SHANK(0.0465, 0.246, 0.433, true),
    FOOT(0.0145, 0.152, 0.50, true);

    private final double mass;
    private final double length;
    private final double centre;
    private final boolean paired;

    Segment(double mass, double length, double centre, boolean paired) {
        this.mass = mass;
        this.length = length;
        this.centre = centre;
        this.paired = paired;
    }

    /** Its share of body mass, 0 to 1; of one side where there are two. */
    public double massShare() {
        return mass;
    }

    /** Its length as a share of stature. */
    public double lengthShare() {
        return length;
    }

    /** Where its centre of mass lies, as a share of its length from the end nearer the hips, or the shoulder. */
    double centreShare() {
        return centre;
    }

    /** Whether there is one on each side. */
    public boolean isPaired() {
        return paired;
    }
}
