package waypost.core.anatomy;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** What is touched: something level at a height, or something that holds or stands where the body reaches it. */
public sealed interface Surface {

    /** The way in which it pushes, of length 1. */
    Vector3D normal();

    /**
     * Floor, step, seat, table, bar.
     *
     * @param heightMetres above the floor, 0 to 2.5
     */
    record Level(double heightMetres) implements Surface {

        private static final double MOST = 2.5;

        public Level {
            if (!(heightMetres >= 0 && heightMetres <= MOST)) {
                throw new IllegalArgumentException(
                        "height: found " + heightMetres + " m, allowed: 0 to " + MOST + " m");
            }
        }

        @Override
        public Vector3D normal() {
            return Vector3D.PLUS_K;
        }
    }

    /** A strap or a hand that holds down from above where the body is. */
    enum Holding implements Surface {
        DOWN;

        @Override
        public Vector3D normal() {
            return Vector3D.MINUS_K;
        }
    }

    /** A wall or post, on one of four sides of the body; it pushes away from itself. */
    enum Upright implements Surface {
        AHEAD(Vector3D.MINUS_I),
        BEHIND(Vector3D.PLUS_I),
        AT_OPERATED_SIDE(Vector3D.MINUS_J),
        AT_OTHER_SIDE(Vector3D.PLUS_J);

        private final Vector3D normal;

        Upright(Vector3D normal) {
            this.normal = normal;
        }

        @Override
        public Vector3D normal() {
            return normal;
        }

        Upright mirrored() {
            return switch (this) {
                case AT_OPERATED_SIDE -> AT_OTHER_SIDE;
                case AT_OTHER_SIDE -> AT_OPERATED_SIDE;
                default -> this;
            };
        }
    }

    /** The floor. */
    static Surface floor() {
        return new Level(0);
    }
}
