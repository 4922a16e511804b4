package waypost.app.figure;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import waypost.core.anatomy.Contact;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Skeleton;
import waypost.core.anatomy.Spot;
import waypost.core.anatomy.Stance;
import waypost.core.anatomy.Surface;
import waypost.core.anatomy.Tether;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.demand.Demand;
import waypost.core.demand.LoadUnit;
import waypost.core.exercise.Role;

/** What a body touches and holds: floor, seat, wall; weight, and band toward where it is fastened, as far as there is room. */
record Surroundings(Skeleton start, Skeleton end, Stance stance, Optional<Tether> tether, Camera camera) {

    private static final String BLOCK = "body-thing body-block";
    private static final String WALLED = "body-thing body-wall";
    private static final String HELD = "body-held";
    private static final double REACH = 0.12;
    private static final double LEVEL = 0.12;
    private static final double MOST_OF_THE_THIGH = 0.6;
    private static final double WALL = 2;
    private static final double BAND = 0.45;
    private static final double PLATE = 0.09;
    private static final int COILS = 6;

    /** Floor from end to end, and everything level above it as a block. */
    List<Shape> touched(double left, double right) {
        List<Shape> shapes = new ArrayList<>();
        if (camera.seesTheGround()) {
            shapes.add(BodyShapes.stroke("body-ground", 1.2, new Point(left, 0), new Point(right, 0)));
            raised().forEach((height, across) -> shapes.add(block(height * 100, across)));
        }
        stance.contacts().stream()
                .filter(contact -> contact.surface() instanceof Surface.Upright)
                .map(this::place)
                .findFirst()
                .ifPresent(place -> shapes.add(BodyShapes.stroke(
                        WALLED,
                        3,
                        new Point(camera.at(place).x(), 0),
                        new Point(camera.at(place).x(), WALL * 100))));
        return shapes;
    }

    private Vector3D place(Contact contact) {
        return end.spot(contact.half(), contact.spot());
    }

    private Map<Double, List<Double>> raised() {
        Map<Double, List<Double>> places = new LinkedHashMap<>();
        for (Contact contact : stance.contacts()) {
            if (contact.surface() instanceof Surface.Level level && level.heightMetres() > 0) {
                List<Double> across = places.computeIfAbsent(level.heightMetres(), height -> new ArrayList<>());
                across.add(camera.at(place(contact)).x());
                underThigh(contact)
                        .ifPresent(thigh -> across.add(camera.at(thigh).x()));
            }
        }
        return places;
    }

    /** Who lies on the front has the thighs on what the groin lies on, unless they hang. */
    private Optional<Vector3D> underThigh(Contact contact) {
        Vector3D hip = end.joint(contact.half(), Joint.HIP);
        Vector3D thigh = end.joint(contact.half(), Joint.KNEE).subtract(hip);
        return contact.spot() == Spot.GROIN && Math.abs(thigh.getZ()) < LEVEL
                ? Optional.of(hip.add(thigh.scalarMultiply(MOST_OF_THE_THIGH)))
                : Optional.empty();
    }

    private static Shape block(double height, Collection<Double> across) {
        double left = across.stream().mapToDouble(Double::doubleValue).min().orElse(0) - REACH * 100;
        double right = across.stream().mapToDouble(Double::doubleValue).max().orElse(0) + REACH * 100;
        return new Shape(
                BLOCK,
                Point.path(new Point(left, 0), new Point(left, height), new Point(right, height), new Point(right, 0)),
                2);
    }

    /** A plate for kilograms, a coil toward where it is fastened for a band or a spring, which pulls back along the way. */
    List<Shape> held(Role role) {
        return role.demands().stream()
                .filter(demand ->
                        demand instanceof Demand.Held held && held.load().amount() > 0)
                .map(Demand.Held.class::cast)
                .findFirst()
                .map(held -> held.load().unit() == LoadUnit.BAND_STEP || tether.isPresent()
                        ? List.of(band(held.limb()))
                        : List.of(plate(held.limb())))
                .orElse(List.of());
    }

    private static Spot at(Limb limb) {
        return limb == Limb.ARM ? Spot.PALM : Spot.ANKLE;
    }

    private Shape plate(Limb limb) {
        Point hand = camera.at(end.spot(Half.OPERATED, at(limb)));
        double half = PLATE * 100;
        return new Shape(
                HELD,
                BodyShapes.circle(hand, half * 0.6)
                        + Point.path(new Point(hand.x() - half, hand.y()), new Point(hand.x() + half, hand.y())),
                3);
    }

    private Shape band(Limb limb) {
        Point hand = camera.at(end.spot(Half.OPERATED, tether.map(Tether::at).orElse(at(limb))));
        Point before = camera.at(
                tether.map(band -> band.from().place(end)).orElseGet(() -> start.spot(Half.OPERATED, at(limb))));
        double x = before.x() - hand.x();
        double y = before.y() - hand.y();
        double length = Math.hypot(x, y);
        // Nothing moves against it: it is fastened ahead.
        double alongX = length < 1 ? 1 : x / length;
        double alongY = length < 1 ? 0 : y / length;
        double whole = tether.isPresent() ? Math.min(length, BAND * 100) : length + BAND * 100;
        Point[] coil = new Point[2 * COILS + 2];
        for (int at = 0; at < coil.length; at++) {
            double along = whole * at / (coil.length - 1);
            double aside = at == 0 || at == coil.length - 1 ? 0 : at % 2 == 0 ? 4 : -4;
            coil[at] = new Point(
                    hand.x() + alongX * along - alongY * aside,
                    Math.max(0, hand.y() + alongY * along + alongX * aside));
        }
        return BodyShapes.stroke(HELD, 2, coil);
    }
}
