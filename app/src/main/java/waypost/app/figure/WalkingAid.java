package waypost.app.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Skeleton;
import waypost.core.anatomy.Spot;

/**
 * What the hands of somebody who walks lean on, from hand to floor: a frame in front, crutches up to the forearms, a cane in the
 * hand of the other side.
 *
 * @param names as the exercise's file has them
 */
record WalkingAid(Skeleton body, Camera camera, List<String> names) {

    private static final String THING = "body-thing";
    private static final double AHEAD = 30;
    private static final double TO_THE_FOREARM = 20;
    private static final double ASLANT = 6;
    private static final double HANDLE = 5;

    List<Shape> shapes() {
        List<Shape> shapes = new ArrayList<>();
        if (names.contains("walker") || names.contains("walking frame")) {
            shapes.add(frame(hand(Half.OPERATED)));
        }
        if (names.contains("crutches")) {
            Stream.of(Half.values()).map(half -> crutch(hand(half))).forEach(shapes::add);
        }
        if (names.contains("cane")) {
            Point hand = hand(Half.OTHER);
            Point front = new Point(hand.x() + HANDLE, hand.y());
            shapes.add(BodyShapes.stroke(THING, 3, front, hand, new Point(hand.x() + ASLANT, 0)));
        }
        return shapes;
    }

    private Point hand(Half half) {
        return camera.at(body.spot(half, Spot.PALM));
    }

    private static Shape frame(Point hand) {
        return BodyShapes.stroke(
                THING,
                3,
                new Point(hand.x() - ASLANT, 0),
                hand,
                new Point(hand.x() + AHEAD, hand.y()),
                new Point(hand.x() + AHEAD + ASLANT, 0));
    }

    private static Shape crutch(Point hand) {
        return BodyShapes.stroke(
                THING,
                3,
                new Point(hand.x() - ASLANT, hand.y() + TO_THE_FOREARM),
                hand,
                new Point(hand.x() + ASLANT, 0));
    }
}
