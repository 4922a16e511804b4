package waypost.app.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Segment;
import waypost.core.anatomy.Skeleton;
import waypost.core.anatomy.Spot;
import waypost.core.demand.Posture;

/**
 * What an exercise of a leg needs and nothing of the body rests on: a wall that the leg comes up to, a strap from the hand to
 * the foot, a pad or a roll under it, the crank of a bicycle.
 *
 * @param names as the exercise's file has them
 */
record LegEquipment(Skeleton start, Skeleton end, Camera camera, Posture posture, List<String> names) {

    private static final String THING = "body-thing";
    private static final String BLOCK = "body-thing body-block";
    private static final double WALL = 195;
    private static final double LOW_WALL = 110;
    private static final double CLEAR = 5;
    private static final double HEAD_CLEAR = 14;
    private static final double LIFTED = 15;
    private static final double PAD = 4;
    private static final double ROLL = 6;

    List<Shape> behind() {
        List<Shape> shapes = new ArrayList<>();
        if (names.contains("wall")) {
            shapes.add(wall());
        }
        if (names.contains("bicycle")) {
            shapes.add(crank());
        }
        if (names.contains("soft pad") || names.contains("foam")) {
            shapes.add(pad());
        }
        if (names.contains("rolled towel")) {
            Point heel = camera.at(end.spot(Half.OPERATED, Spot.HEEL));
            shapes.add(new Shape(BLOCK, BodyShapes.circle(new Point(heel.x(), ROLL), ROLL), 2));
        }
        return shapes;
    }

    /** In front of the limbs, since the hands hold it. */
    List<Shape> before() {
        boolean lifted = foot(end).y() > LIFTED;
        boolean held = names.contains("strap") || names.contains("towel") && lifted;
        return held && posture != Posture.STANDING ? List.of(strap()) : List.of();
    }

    private Shape strap() {
        return BodyShapes.stroke("body-held", 2, camera.at(end.spot(Half.OPERATED, Spot.PALM)), foot(end));
    }

    /** Where the leg comes to, on the side to which it goes from the hips; nobody who stands has the head in it. */
    private Shape wall() {
        double side = isToTheRight() ? 1 : -1;
        double reached = side
                * Stream.of(start, end)
                        .flatMap(body -> reach(body, side))
                        .mapToDouble(x -> side * x)
                        .max()
                        .orElse(0);
        double height = posture == Posture.STANDING ? WALL : LOW_WALL;
        return BodyShapes.stroke(THING, 3, new Point(reached, 0), new Point(reached, height));
    }

    private Stream<Double> reach(Skeleton body, double side) {
        Stream<Double> leg = Stream.of(Spot.TOES, Spot.KNEE, Spot.HEEL)
                .map(spot -> camera.at(body.spot(Half.OPERATED, spot)).x() + side * CLEAR);
        double head = camera.at(body.begin(Half.OPERATED, Segment.HEAD)).x() + side * HEAD_CLEAR;
        return posture == Posture.STANDING ? Stream.concat(leg, Stream.of(head)) : leg;
    }

    private boolean isToTheRight() {
        double hips = camera.at(end.hips()).x();
        double toes = foot(end).x();
        double heel = camera.at(end.spot(Half.OPERATED, Spot.HEEL)).x();
        return posture == Posture.STANDING ? toes >= heel : toes >= hips;
    }

    /** The foot goes round between where it begins and where it ends. */
    private Shape crank() {
        Point one = foot(start);
        Point other = foot(end);
        Point centre = new Point((one.x() + other.x()) / 2, (one.y() + other.y()) / 2);
        double radius = Math.hypot(one.x() - other.x(), one.y() - other.y()) / 2;
        return new Shape(THING, BodyShapes.circle(centre, radius) + Point.path(one, other), 2);
    }

    private Shape pad() {
        Function<Spot, Double> across =
                spot -> camera.at(end.spot(Half.OPERATED, spot)).x();
        double left = Math.min(across.apply(Spot.HEEL), across.apply(Spot.TOES)) - CLEAR;
        double right = Math.max(across.apply(Spot.HEEL), across.apply(Spot.TOES)) + CLEAR;
        return new Shape(
                BLOCK,
                Point.path(new Point(left, 0), new Point(left, PAD), new Point(right, PAD), new Point(right, 0)),
                2);
    }

    private Point foot(Skeleton body) {
        return camera.at(body.spot(Half.OPERATED, Spot.TOES));
    }
}
