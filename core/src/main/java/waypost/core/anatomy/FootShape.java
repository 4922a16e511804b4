package waypost.core.anatomy;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Places of a foot seen from its ankle, as shares of stature: height of the ankle after Drillis and Contini, from memory. */
enum FootShape {
    HEEL(-0.03),
    CENTRE(0.04),
    BALL(0.085),
    TIP(0.122);

    private static final double ANKLE_HEIGHT = 0.039;

    private final double forward;

    FootShape(double forward) {
        this.forward = forward;
    }

    Vector3D fromAnkle(Build build) {
        double down = this == CENTRE ? ANKLE_HEIGHT / 2 : ANKLE_HEIGHT;
        return new Vector3D(build.metres(forward), 0, -build.metres(down));
    }
}
