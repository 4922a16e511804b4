package waypost.app.gait;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import waypost.app.figure.Shape;
import waypost.app.figure.SideView;
import waypost.core.anatomy.Sagittal.Place;
import waypost.core.gait.Profile;
import waypost.core.gait.Stand;
import waypost.core.gait.Walk;
import waypost.core.gait.Way;

/** Draws a walk from the operated side, floor or stairs under it. A body that turns round is drawn from above alone. */
record WalkFromTheSide(Walk walk) {

    private static final double BEHIND = 0.35;
    private static final double AHEAD = 1.5;
    private static final double TREAD = Profile.TREAD_METRES;
    private static final double HALF_TREAD = TREAD / 2;
    private static final int STAIRS = 2;

    List<Shape> of(Stand stand) {
        if (walk.way() == Way.TURN) {
            return List.of();
        }
        SideView view = new SideView(walk.operated());
        Profile profile = walk.profile(stand);
        List<Shape> shapes = new ArrayList<>();
        shapes.add(view.line("body-ground", 1.2, floor()));
        shapes.addAll(view.body(profile.body()));
        profile.aids().values().forEach(stick -> shapes.add(view.line("body-held", 2.5, stick.line())));
        return shapes;
    }

    private List<Place> floor() {
        double rise = walk.way() == Way.STAIRS_UP
                ? Profile.RISE_METRES
                : walk.way() == Way.STAIRS_DOWN ? -Profile.RISE_METRES : 0;
        List<Place> floor = new ArrayList<>(List.of(new Place(-BEHIND, 0)));
        IntStream.range(0, rise == 0 ? 0 : STAIRS).forEach(nth -> {
            double edge = HALF_TREAD + nth * TREAD;
            floor.add(new Place(edge, nth * rise));
            floor.add(new Place(edge, (nth + 1) * rise));
        });
        floor.add(new Place(rise == 0 ? AHEAD : HALF_TREAD + STAIRS * TREAD + BEHIND, rise * STAIRS));
        return floor;
    }
}
