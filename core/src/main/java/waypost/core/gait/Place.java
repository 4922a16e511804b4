package waypost.core.gait;

/**
 * Where something stands, seen from above.
 *
 * @param x metres to the right of where the walk began
 * @param y metres ahead of it
 * @param heading degrees, 0 ahead, more to the right
 * @param level steps of a stair above the first
 * @param isLifted whether it is off the floor
 */
public record Place(double x, double y, double heading, int level, boolean isLifted) {

    static Place at(double x, double y) {
        return new Place(x, y, 0, 0, false);
    }

    Place ahead(double metres) {
        return new Place(x, y + metres, heading, level, isLifted);
    }

    Place to(double aheadOf) {
        return new Place(x, aheadOf, heading, level, isLifted);
    }

    Place onLevel(int other, double aheadOf) {
        return new Place(x, aheadOf, heading, other, isLifted);
    }

    Place lifted(boolean off) {
        return new Place(x, y, heading, level, off);
    }

    /** Turned round a point. */
    Place turned(double aroundX, double aroundY, double degrees) {
        double angle = Math.toRadians(degrees);
        double right = x - aroundX;
        double ahead = y - aroundY;
        return new Place(
                aroundX + right * Math.cos(angle) + ahead * Math.sin(angle),
                aroundY - right * Math.sin(angle) + ahead * Math.cos(angle),
                heading + degrees,
                level,
                isLifted);
    }
}
