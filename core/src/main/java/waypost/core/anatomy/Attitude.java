package waypost.core.anatomy;

import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** How the trunk lies in the room before the body settles on what it touches. */
public enum Attitude {
    UPRIGHT(Rotation.IDENTITY),
    ON_BACK(pitched(-90)),
    ON_FRONT(pitched(90)),
    ON_OPERATED_SIDE(rolled(90)),
    ON_OTHER_SIDE(rolled(-90));

    private final Rotation turned;

    Attitude(Rotation turned) {
        this.turned = turned;
    }

    /** Leaning forward is positive: 90 is face down. */
    static Rotation pitched(double degrees) {
        return new Rotation(Vector3D.PLUS_J, Math.toRadians(degrees), RotationConvention.VECTOR_OPERATOR);
    }

    /** Leaning to the operated side is positive. */
    static Rotation rolled(double degrees) {
        return new Rotation(Vector3D.MINUS_I, Math.toRadians(degrees), RotationConvention.VECTOR_OPERATOR);
    }

    Rotation turned() {
        return turned;
    }

    /** This turned over the side axis, and then to a side. */
    Rotation leaning(double pitchDegrees, double rollDegrees) {
        return rolled(rollDegrees)
                .compose(
                        pitched(pitchDegrees).compose(turned, RotationConvention.VECTOR_OPERATOR),
                        RotationConvention.VECTOR_OPERATOR);
    }

    Attitude mirrored() {
        return switch (this) {
            case ON_OPERATED_SIDE -> ON_OTHER_SIDE;
            case ON_OTHER_SIDE -> ON_OPERATED_SIDE;
            default -> this;
        };
    }
}
