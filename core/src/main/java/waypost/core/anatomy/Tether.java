package waypost.core.anatomy;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import waypost.core.body.Joint;

/**
 * A band, or the springs of a carriage, that pull at a place of the operated side.
 *
 * @param at where it pulls
 * @param from where its other end is
 */
public record Tether(Spot at, End from) {

    /** Where a band ends. */
    public sealed interface End {

        /** In the room in which the body is. */
        Vector3D place(Skeleton skeleton);
    }

    /** The side of the body on which an anchor is, and the way there from the hips: forward, toward the operated side. */
    public enum Toward {
        AHEAD(1, 0),
        BEHIND(-1, 0),
        OPERATED_SIDE(0, 1),
        OTHER_SIDE(0, -1);

        private final Vector3D way;

        Toward(double forward, double operated) {
            this.way = new Vector3D(forward, operated, 0);
        }
    }

    /**
     * Something fixed.
     *
     * @param highMetres above the floor, 0 to 2.5
     * @param awayMetres from under the hips, 0 to 5
     */
    public record Anchor(Toward toward, double highMetres, double awayMetres) implements End {

        private static final double HIGHEST = 2.5;
        private static final double FURTHEST = 5;

        public Anchor {
            if (!(highMetres >= 0 && highMetres <= HIGHEST && awayMetres >= 0 && awayMetres <= FURTHEST)) {
                throw new IllegalArgumentException("anchor: found " + highMetres + " m high and " + awayMetres
                        + " m away, allowed: up to " + HIGHEST + " m high and " + FURTHEST + " m away");
            }
        }

        @Override
        public Vector3D place(Skeleton skeleton) {
            Vector3D hips = skeleton.hips();
            return new Vector3D(hips.getX(), hips.getY(), highMetres).add(toward.way.scalarMultiply(awayMetres));
        }
    }

    /** The body itself: the foot that stands on it, the other hand or ankle. */
    public record Body(Half half, Spot spot) implements End {
        @Override
        public Vector3D place(Skeleton skeleton) {
            return skeleton.spot(half, spot);
        }
    }

    /**
     * The springs of a carriage on which somebody lies or kneels and draws themselves along by something fixed: they pull at the
     * hand straight toward the head. Only by how much longer it gets between two stances is told; how long the springs are to
     * begin with is the carriage's.
     */
    public record Carriage(Spot at) implements End {

        /** Further away than a hand can be drawn below the shoulder. */
        private static final double BEYOND_METRES = 2;

        @Override
        public Vector3D place(Skeleton skeleton) {
            Vector3D hand = skeleton.spot(Half.OPERATED, at);
            double above =
                    hand.subtract(skeleton.joint(Half.OPERATED, Joint.SHOULDER)).dotProduct(skeleton.upward());
            return hand.add(skeleton.upward().scalarMultiply(BEYOND_METRES - above));
        }
    }

    /** How long it is, in metres. */
    public double length(Skeleton skeleton) {
        return path(skeleton).getNorm();
    }

    /** One newton of it. */
    public Pull oneNewton(Skeleton skeleton) {
        return new Pull(Half.OPERATED, at, path(skeleton).normalize());
    }

    private Vector3D path(Skeleton skeleton) {
        return from.place(skeleton).subtract(skeleton.spot(Half.OPERATED, at));
    }

    /** The same with its anchor somewhere else; what ends at the body has none. */
    public Tether anchored(double highMetres, double awayMetres) {
        if (from instanceof Anchor anchor) {
            return new Tether(
                    at,
                    new Anchor(anchor.toward(), anchor.highMetres() + highMetres, anchor.awayMetres() + awayMetres));
        }
        throw new IllegalArgumentException(
                "found a band without an anchor, allowed: one with 'from: ahead', 'behind' or a side");
    }
}
