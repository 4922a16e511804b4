package waypost.app.figure;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Skeleton;
import waypost.core.body.Joint;
import waypost.core.body.Side;

/**
 * From where a body is seen.
 *
 * @param right the way that is to the right in the picture
 * @param up the way that is up in it
 */
record Camera(String seen, Vector3D right, Vector3D up) {

    private static final double UNITS = 100;
    private static final double END_ON = 0.7;
    /** A body that stands is hard to make out from above: only where the others show next to nothing. */
    private static final double FROM_ABOVE = 0.55;

    private static final double THIGHS_END_ON = 0.8;
    private static final double LEAST_MOVED = 0.03;

    /** From where its movement is seen best, without looking at a body end on. */
    static Camera of(Skeleton body, Side operated, boolean front, List<List<Vector3D>> ways) {
        List<Camera> all = possible(body, operated).toList();
        Camera usual = all.get(front && all.size() > 1 ? 1 : 0);
        Camera best = all.stream()
                .max(Comparator.comparingDouble(camera -> camera.shows(body, ways)))
                .orElse(usual);
        return best.shows(body, ways) < LEAST_MOVED ? usual : best;
    }

    /** From the operated side, whatever moves. */
    static Camera fromTheSide(Side operated) {
        return looking("from the side", Vector3D.MINUS_J, Vector3D.PLUS_K, turn(operated));
    }

    /** The body is known from its operated side outward; on the left that side is to the left in the room. */
    private static double turn(Side operated) {
        return operated == Side.LEFT ? 1 : -1;
    }

    private static Stream<Camera> possible(Skeleton body, Side operated) {
        double turn = turn(operated);
        Vector3D along = body.upward();
        Vector3D headUp = Math.abs(along.getX()) > END_ON
                ? new Vector3D(Math.signum(along.getX()), Vector3D.PLUS_I)
                : Math.abs(along.getY()) > END_ON
                        ? new Vector3D(Math.signum(along.getY()), Vector3D.PLUS_J)
                        : Vector3D.PLUS_I;
        return Stream.of(
                        fromTheSide(operated),
                        looking("from the front", Vector3D.MINUS_I, Vector3D.PLUS_K, turn),
                        looking("from above", Vector3D.MINUS_K, headUp, turn))
                .filter(camera -> !camera.seesEndOn(along) || camera.seen().equals("from above"));
    }

    private static Camera looking(String seen, Vector3D into, Vector3D up, double turn) {
        return new Camera(seen, into.crossProduct(up).scalarMultiply(turn), up);
    }

    private Vector3D into() {
        return up.crossProduct(right);
    }

    private boolean seesEndOn(Vector3D along) {
        return Math.abs(into().dotProduct(along)) > END_ON;
    }

    /** How far the furthest moved of it goes in the picture, in metres. */
    private double shows(Skeleton body, List<List<Vector3D>> ways) {
        double most = ways.stream().mapToDouble(this::length).max().orElse(0);
        if (seesEndOn(body.upward())) {
            return most * FROM_ABOVE;
        }
        return seesEndOn(thighs(body)) ? most * THIGHS_END_ON : most;
    }

    private static Vector3D thighs(Skeleton body) {
        return body.joint(Half.OTHER, Joint.KNEE)
                .subtract(body.joint(Half.OTHER, Joint.HIP))
                .normalize();
    }

    private double length(List<Vector3D> way) {
        double length = 0;
        for (int at = 1; at < way.size(); at++) {
            Vector3D step = way.get(at).subtract(way.get(at - 1));
            length += Math.hypot(step.dotProduct(right), step.dotProduct(up));
        }
        return length;
    }

    Point at(Vector3D place) {
        return new Point(place.dotProduct(right) * UNITS, place.dotProduct(up) * UNITS);
    }

    /** Whether heights are seen. */
    boolean seesTheGround() {
        return up.equals(Vector3D.PLUS_K);
    }
}
