package waypost.app.figure;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Limb;
import waypost.core.body.Motion;
import waypost.core.body.Side;
import waypost.core.demand.Demand;
import waypost.core.done.Done;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Role;
import waypost.library.words.PoseWords;

/** Draws an exercise or a test as a role of the operated limb takes it. */
public final class Figures {

    private static final double MARGIN = 14;
    private static final double SMALLEST = 110;

    private Figures() {}

    /** The motion whose angle the picture shows: the one with the longest arc; the knee where nothing moves. */
    public static Motion leading(Role role) {
        return role.demands().stream()
                .filter(Demand.Movement.class::isInstance)
                .map(Demand.Movement.class::cast)
                .max(Comparator.comparingDouble(movement ->
                        movement.arc().most().value() - movement.arc().least().value()))
                .map(Demand.Movement::motion)
                .orElse(onlyLimb(role) == Limb.ARM ? Motion.SHOULDER_FLEXION : Motion.KNEE_FLEXION);
    }

    private static Limb onlyLimb(Role role) {
        return role.demands().stream()
                .map(Demand::of)
                .filter(Limb.class::isInstance)
                .map(Limb.class::cast)
                .findFirst()
                .orElse(Limb.LEG);
    }

    /**
     * @param role as it may be done today
     * @param allowed what is allowed of the leading motion where it is limited
     */
    public static Figure of(Activity activity, Role role, Optional<Arc> allowed, Side side) {
        Figure figure = of(activity.pose(role), Done.of(activity, role), role, activity.equipment(), allowed, side);
        return figure.captioned(PoseWords.say(activity, role));
    }

    private static Figure of(
            Pose pose, Done done, Role role, List<String> equipment, Optional<Arc> allowed, Side side) {
        Motion leading = leading(role);
        if (HandPicture.shows(leading)) {
            List<Shape> shapes = new HandPicture(leading, pose.start(role), pose.end(role))
                    .shapes(allowed.map(arc -> Map.of(leading, arc)).orElse(Map.of()));
            return drawn(shapes, allowed.isPresent(), leading, side, HandPicture.SEEN);
        }
        BodyPicture picture = new BodyPicture(done, leading, pose.band(), equipment, side);
        return drawn(picture.shapes(role, allowed), allowed.isPresent(), leading, side, picture.seen());
    }

    /** A finger straight and bent as far as it goes, with what is allowed of each joint. */
    public static Figure ofFinger(
            Map<Motion, Degrees> straight, Map<Motion, Degrees> bent, Map<Motion, Arc> allowed, Side side) {
        List<Shape> shapes = new HandPicture(Motion.PIP_FLEXION, straight, bent).shapes(allowed);
        return drawn(shapes, !allowed.isEmpty(), Motion.PIP_FLEXION, side, HandPicture.SEEN);
    }

    /** A joint taken through what is allowed, as a precaution is taught; empty where a drawing would not show it. */
    public static Optional<Figure> ofLimit(Motion motion, Arc allowed, Side side) {
        return drawn(TaughtJoint.within(motion, allowed), allowed, side)
                .map(figure -> figure.captioned("The end of what is allowed."));
    }

    /** A joint taken on beyond what is allowed; empty where it goes no further, or a drawing would not show it. */
    public static Optional<Figure> beyondLimit(Motion motion, Arc allowed, Side side) {
        return TaughtJoint.beyond(motion, allowed)
                .flatMap(joint -> drawn(joint, allowed, side))
                .map(figure -> figure.captioned("Beyond what is allowed."));
    }

    private static Optional<Figure> drawn(TaughtJoint joint, Arc allowed, Side side) {
        return joint.isSeen()
                ? Optional.of(of(joint.pose(), joint.done(), joint.role(), List.of(), Optional.of(allowed), side))
                : Optional.empty();
    }

    private static Figure drawn(List<Shape> shapes, boolean limited, Motion leading, Side side, String seen) {
        return new Figure(
                box(shapes), shapes, limited, side.name().toLowerCase(Locale.ROOT) + " " + limb(leading), seen, "");
    }

    private static String limb(Motion leading) {
        return switch (leading.joint()) {
            case SHOULDER, ELBOW, FOREARM -> "arm";
            case WRIST, MCP, PIP, DIP -> "hand";
            default -> "leg";
        };
    }

    private static String box(List<Shape> shapes) {
        double left = Point.leftmost(shapes) - MARGIN;
        double right = Point.rightmost(shapes) + MARGIN;
        double low = Point.lowest(shapes) - MARGIN;
        double high = Point.highest(shapes) + MARGIN;
        double size = Math.max(SMALLEST, Math.max(right - left, high - low));
        return String.format(
                Locale.ROOT, "%.1f %.1f %.1f %.1f", (left + right - size) / 2, -(low + high + size) / 2, size, size);
    }
}
