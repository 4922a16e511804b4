package waypost.app.transfer;

import java.util.ArrayList;
import java.util.List;
import waypost.app.figure.Shape;
import waypost.app.figure.SideView;
import waypost.core.anatomy.Sagittal.Place;
import waypost.core.anatomy.Skeleton;
import waypost.core.course.Standing;
import waypost.core.runner.CourseWalk;
import waypost.core.runner.WeightLimit;
import waypost.core.transfer.Moment;

/** A step of a way from place to place drawn on a seat of half a metre, as far as the course lets hip and knee bend. */
final class MomentDrawn {

    private static final double SEAT = 0.5;
    private static final double BEHIND = -0.95;
    private static final double FRONT = 0.24;
    private static final double BED_END = 1;
    private static final double FLOOR_END = 1;

    private MomentDrawn() {}

    static List<Shape> of(Moment moment, Standing standing) {
        SideView view = new SideView(standing.facts().side());
        boolean offTheFloor = WeightLimit.of(standing).most().percent() == 0;
        Skeleton body = moment.body(SEAT, CourseWalk.bounds(standing), offTheFloor);
        double front = moment.lies() ? BED_END : FRONT;
        double back = moment.lies() ? BEHIND : -FRONT;
        List<Shape> shapes = new ArrayList<>();
        shapes.add(view.line("body-ground", 1.2, List.of(new Place(BEHIND, 0), new Place(FLOOR_END, 0))));
        shapes.add(view.line(
                "body-thing",
                2,
                List.of(new Place(back, 0), new Place(back, SEAT), new Place(front, SEAT), new Place(front, 0))));
        shapes.addAll(view.body(body));
        moment.frame().ifPresent(frame -> shapes.add(view.line("body-held", 2.5, frame)));
        return shapes;
    }
}
