package waypost.core.anatomy;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A force from outside on a place of the body: something held, a band, a push.
 *
 * @param newtons by direction, before it is held against
 */
public record Pull(Half half, Spot spot, Vector3D newtons) {

    /** Something of so many kilograms that is held there or hangs there. */
    public static Pull ofWeight(Half half, Spot spot, double kilograms) {
        return new Pull(half, spot, new Vector3D(0, 0, -Build.weight(kilograms)));
    }

    public Pull mirrored() {
        return new Pull(half.opposite(), spot, new Vector3D(newtons.getX(), -newtons.getY(), newtons.getZ()));
    }
}
