package waypost.app.figure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Skeleton;
import waypost.core.anatomy.Spot;
import waypost.core.body.Limb;
import waypost.core.demand.Posture;

/**
 * What an exercise needs and the body does not rest on all the time: a table under the hand, a ball, a seat
 * that is risen from, what somebody who walks leans on.
 *
 * @param names as the exercise's file has them
 */
record Equipment(Skeleton start, Skeleton end, Camera camera, Posture posture, Limb limb, List<String> names) {

    private static final String THING = "body-thing";
    private static final double TABLE = 28;
    private static final double UNDER_THE_HAND = 5;
    private static final double BALL = 9;
    private static final double SEAT = 22;
    private static final double UNDER_THE_SEAT = 9;
    private static final double MOST_OF_A_SEAT = 75;

    /** What stands behind the body in the picture. */
    List<Shape> behind() {
        List<Shape> shapes = new ArrayList<>();
        if (camera.seesTheGround() && limb == Limb.ARM && names.contains("table")) {
            shapes.add(table());
        }
        if (camera.seesTheGround() && limb == Limb.LEG) {
            shapes.addAll(ofTheLeg().behind());
        }
        if (camera.seesTheGround()
                && posture == Posture.STANDING
                && (names.contains("chair") || names.contains("box"))) {
            seat().ifPresent(shapes::add);
        }
        if (camera.seesTheGround() && posture == Posture.STANDING) {
            shapes.addAll(new WalkingAid(end, camera, names).shapes());
        }
        return shapes;
    }

    /** What is sat down on before or after the movement, where the seat comes low enough for it. */
    private Optional<Shape> seat() {
        return Stream.of(start, end)
                .map(body -> camera.at(body.spot(Half.OPERATED, Spot.SEAT)))
                .min(Comparator.comparingDouble(Point::y))
                .filter(low -> low.y() < MOST_OF_A_SEAT)
                .map(low -> {
                    double height = low.y() - UNDER_THE_SEAT;
                    return new Shape(
                            THING + " body-block",
                            Point.path(
                                    new Point(low.x() - SEAT, 0),
                                    new Point(low.x() - SEAT, height),
                                    new Point(low.x() + SEAT / 2, height),
                                    new Point(low.x() + SEAT / 2, 0)),
                            2);
                });
    }

    private LegEquipment ofTheLeg() {
        return new LegEquipment(start, end, camera, posture, names);
    }

    /** What is in the hand, or under it. */
    List<Shape> inHand() {
        if (limb == Limb.LEG) {
            return ofTheLeg().before();
        }
        boolean ball = names.stream().anyMatch(name -> name.endsWith("ball"));
        return ball ? List.of(new Shape("body-held", BodyShapes.circle(hand(end), BALL), 2)) : List.of();
    }

    private Point hand(Skeleton body) {
        return camera.at(body.spot(Half.OPERATED, Spot.PALM));
    }

    /** As high as the lower of where the hand begins and ends. */
    private Shape table() {
        double height = Math.max(0, Math.min(hand(start).y(), hand(end).y()) - UNDER_THE_HAND);
        double x = hand(end).x();
        return new Shape(
                THING,
                Point.path(new Point(x - TABLE, height), new Point(x + TABLE, height))
                        + Point.path(new Point(x + TABLE - 4, height), new Point(x + TABLE - 4, 0)),
                3);
    }
}
