package waypost.app.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import waypost.core.anatomy.Build;
import waypost.core.anatomy.Contact;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Placing;
import waypost.core.anatomy.Segment;
import waypost.core.anatomy.Skeleton;
import waypost.core.anatomy.Spot;
import waypost.core.anatomy.Stance;
import waypost.core.anatomy.Surface;
import waypost.core.anatomy.Tether;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.body.Motion;
import waypost.core.body.Side;
import waypost.core.done.Done;
import waypost.core.exercise.Role;

/** A whole body where it begins and where it ends, drawn from the same skeleton that says what it carries. */
final class BodyPicture {

    private static final double MOVES = 0.04;
    private static final double MARGIN = 6;
    private static final double ARC_RADIUS = 0.26;
    private static final double BEYOND = 20;
    private static final double ARC_STEP = 5;

    private final Motion leading;
    private final Optional<Tether> tether;
    private final List<String> equipment;
    private final Done done;
    private final Skeleton start;
    private final Skeleton middle;
    private final Skeleton end;
    private final Camera camera;

    BodyPicture(Done done, Motion leading, Optional<Tether> tether, List<String> equipment, Side operated) {
        this.tether = tether;
        this.equipment = equipment;
        this.leading = leading;
        this.done = done;
        Placing placing = new Placing(Build.MIDDLING);
        this.start = placing.place(done.start());
        this.middle = onTheSpot(placing.place(done.middle()), done.middle());
        this.end = onTheSpot(placing.place(done.end()), done.end());
        this.camera = Camera.of(end, operated, isSeenFromTheFront(leading), tracked());
    }

    /** What touches stays where it touched. */
    private Skeleton onTheSpot(Skeleton body, Stance stance) {
        Vector3D missing = touching(start, done.start()).subtract(touching(body, stance));
        return body.moved(new Vector3D(missing.getX(), missing.getY(), 0));
    }

    /** A wall stays where it is while feet may slide; without one, what is touched on the whole. */
    private static Vector3D touching(Skeleton body, Stance stance) {
        List<Contact> walls = stance.contacts().stream()
                .filter(contact -> contact.surface() instanceof Surface.Upright)
                .toList();
        List<Contact> fixed = walls.isEmpty() ? stance.contacts() : walls;
        Vector3D sum = Vector3D.ZERO;
        for (Contact contact : fixed) {
            sum = sum.add(1.0 / fixed.size(), body.spot(contact.half(), contact.spot()));
        }
        return sum;
    }

    /** A wall that is leaned on is drawn as what is touched; a box that is jumped on or off is no seat. */
    private List<String> besides() {
        boolean leans =
                done.end().contacts().stream().anyMatch(contact -> contact.surface() instanceof Surface.Upright);
        return equipment.stream()
                .filter(name -> !(leans && name.equals("wall")) && !(done.inPassing() && name.equals("box")))
                .toList();
    }

    private static boolean isSeenFromTheFront(Motion leading) {
        return leading == Motion.SHOULDER_ABDUCTION
                || leading == Motion.HIP_ABDUCTION
                || leading == Motion.HIP_ROTATION
                || leading == Motion.ANKLE_INVERSION;
    }

    private Limb limb() {
        return leading.joint().limb();
    }

    private List<List<Vector3D>> tracked() {
        return Stream.of(
                        way(body -> body.end(Half.OPERATED, limb() == Limb.ARM ? Segment.HAND : Segment.FOOT)),
                        way(body -> body.begin(Half.OPERATED, Segment.HEAD)))
                .toList();
    }

    private List<Vector3D> way(Function<Skeleton, Vector3D> of) {
        return Stream.of(start, middle, end).map(of).toList();
    }

    String seen() {
        return camera.seen();
    }

    List<Shape> shapes(Role role, Optional<Arc> allowed) {
        BodyShapes before = new BodyShapes(start, camera);
        BodyShapes after = new BodyShapes(end, camera);
        Surroundings around = new Surroundings(start, end, done.end(), tether, camera);
        Limb still = limb() == Limb.ARM ? Limb.LEG : Limb.ARM;
        Equipment things = new Equipment(start, end, camera, done.posture(), limb(), besides());
        List<Shape> shapes = new ArrayList<>(things.behind());
        shapes.addAll(after.limb(Half.OTHER, Limb.ARM, "body-far"));
        shapes.addAll(after.limb(Half.OTHER, Limb.LEG, "body-far"));
        if (trunkMoves()) {
            shapes.addAll(before.middle("body-before"));
        }
        shapes.addAll(before.limb(Half.OPERATED, limb(), "body-start"));
        shapes.addAll(after.middle("body-trunk"));
        shapes.addAll(after.limb(Half.OPERATED, still, "body-trunk"));
        shapes.addAll(after.limb(Half.OPERATED, limb(), "body-end"));
        shapes.add(mark());
        shapes.addAll(around.held(role));
        shapes.addAll(things.inHand());
        allowed.ifPresent(arc -> shapes.addAll(limit(arc)));
        arrow().ifPresent(shapes::add);
        double left = Point.leftmost(shapes) - MARGIN;
        double right = Point.rightmost(shapes) + MARGIN;
        List<Shape> all = new ArrayList<>(around.touched(left, right));
        all.addAll(shapes);
        return all;
    }

    private boolean trunkMoves() {
        return way(body -> body.begin(Half.OPERATED, Segment.HEAD)).stream()
                .anyMatch(place -> place.distance(start.begin(Half.OPERATED, Segment.HEAD)) > MOVES);
    }

    /** A diamond on the operated side's leading joint: told by shape as well as by colour. */
    private Shape mark() {
        return BodyShapes.mark(camera.at(end.joint(Half.OPERATED, leading.joint())));
    }

    /** Whether hand or foot stays where it is: then the body moves over it. */
    private boolean isFixed() {
        return done.start().contacts().stream()
                .anyMatch(contact -> contact.half() == Half.OPERATED
                        && (limb() == Limb.ARM
                                ? contact.spot().isOfArm()
                                : contact.spot().isOfLeg()));
    }

    /** The way of what moves most, with a head. */
    private Optional<Shape> arrow() {
        List<Vector3D> hand = way(body -> body.end(Half.OPERATED, limb() == Limb.ARM ? Segment.HAND : Segment.FOOT));
        List<Vector3D> head = way(body -> body.begin(Half.OPERATED, Segment.HEAD));
        List<Vector3D> most = !isFixed() && length(hand) >= length(head) ? hand : head;
        return length(most) < 2 * MOVES
                ? Optional.empty()
                : Arrow.along(most.stream().map(camera::at).toList());
    }

    private static double length(List<Vector3D> way) {
        return way.get(0).distance(way.get(1)) + way.get(1).distance(way.get(2));
    }

    /** What is allowed as an arc about the joint, and ticks beyond it. */
    private List<Shape> limit(Arc allowed) {
        List<Shape> shapes = new ArrayList<>();
        List<Point> along = new ArrayList<>();
        double least = allowed.least().value();
        double most = allowed.most().value();
        for (double angle = least; angle < most; angle += ARC_STEP) {
            along.add(out(angle, ARC_RADIUS));
        }
        along.add(out(most, ARC_RADIUS));
        shapes.add(BodyShapes.stroke("body-allowed", 2.5, along.toArray(Point[]::new)));
        if (most < leading.possible().most().value()) {
            beyond(most, 1, shapes);
        }
        if (least > leading.possible().least().value()) {
            beyond(least, -1, shapes);
        }
        return shapes;
    }

    private void beyond(double from, int way, List<Shape> shapes) {
        for (double past = 0; past <= BEYOND; past += ARC_STEP) {
            double angle = Math.max(
                    leading.possible().least().value(),
                    Math.min(leading.possible().most().value(), from + way * past));
            shapes.add(BodyShapes.stroke(
                    "body-beyond", 1.5, out(angle, ARC_RADIUS - 0.04), out(angle, ARC_RADIUS + 0.04)));
        }
    }

    /** So far out from the joint, the way its segment would point at this angle. */
    private Point out(double angle, double metres) {
        Skeleton bent = end.bending(Half.OPERATED, leading, Degrees.of(angle));
        Joint joint = leading.joint();
        Vector3D from = bent.joint(Half.OPERATED, joint);
        Vector3D to = turns() ? bent.spot(Half.OPERATED, beyondTurning()) : bent.tip(Half.OPERATED, joint);
        return camera.at(from.add(
                metres,
                to.subtract(turns() ? bent.spot(Half.OPERATED, pivotOfTurning()) : from)
                        .normalize()));
    }

    /** A turning about a segment's own length shows on the segment after it. */
    private boolean turns() {
        return leading == Motion.SHOULDER_ROTATION || leading == Motion.HIP_ROTATION;
    }

    private Spot beyondTurning() {
        return leading == Motion.SHOULDER_ROTATION ? Spot.PALM : Spot.ANKLE;
    }

    private Spot pivotOfTurning() {
        return leading == Motion.SHOULDER_ROTATION ? Spot.ELBOW : Spot.KNEE;
    }
}
