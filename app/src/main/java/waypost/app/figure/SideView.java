package waypost.app.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Sagittal.Place;
import waypost.core.anatomy.Skeleton;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.body.Side;

/** Draws a body and what is around it from the operated side, a hundred units a metre. */
public record SideView(Side operated) {

    private static final double MARGIN = 8;

    private Camera camera() {
        return Camera.fromTheSide(operated);
    }

    /** The operated leg in front of the rest, its hip marked. */
    public List<Shape> body(Skeleton body) {
        BodyShapes drawn = new BodyShapes(body, camera());
        List<Shape> shapes = new ArrayList<>();
        shapes.addAll(drawn.limb(Half.OTHER, Limb.ARM, "body-far"));
        shapes.addAll(drawn.limb(Half.OTHER, Limb.LEG, "body-far"));
        shapes.addAll(drawn.middle("body-trunk"));
        shapes.addAll(drawn.limb(Half.OPERATED, Limb.LEG, "body-operated"));
        shapes.addAll(drawn.limb(Half.OPERATED, Limb.ARM, "body-near"));
        shapes.add(BodyShapes.mark(camera().at(body.joint(Half.OPERATED, Joint.HIP))));
        return shapes;
    }

    /** A line through places. */
    public Shape line(String kind, double width, List<Place> places) {
        return BodyShapes.stroke(kind, width, places.stream().map(this::at).toArray(Point[]::new));
    }

    private Point at(Place place) {
        return camera().at(new Vector3D(place.ahead(), 0, place.up()));
    }

    /** The viewBox into which all of it goes. */
    public static String box(List<Shape> shapes) {
        double left = Point.leftmost(shapes) - MARGIN;
        double low = Point.lowest(shapes) - MARGIN;
        return String.format(
                Locale.ROOT,
                "%.1f %.1f %.1f %.1f",
                left,
                -(Point.highest(shapes) + MARGIN),
                Point.rightmost(shapes) + MARGIN - left,
                Point.highest(shapes) + MARGIN - low);
    }
}
