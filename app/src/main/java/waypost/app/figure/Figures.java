package waypost.app.figure;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.body.Motion;
import waypost.core.body.Side;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.Posture;
import waypost.core.demand.Support;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Role;
import waypost.library.words.PoseWords;

/** Draws a pose as a role of the operated limb takes it. */
public final class Figures {

    private static final double ARC_RADIUS = 24;
    private static final double MARGIN = 16;
    private static final double SMALLEST = 110;
    private static final Set<Joint> LEG = Set.of(Joint.HIP, Joint.KNEE, Joint.ANKLE);

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
    public static Figure of(Pose pose, Role role, Optional<Arc> allowed, Side side) {
        Motion leading = leading(role);
        Angles start = Angles.of(pose.start(role), pose.posture());
        Angles end = Angles.of(pose.end(role), pose.posture());
        boolean borne = isBorne(role);
        View view = Views.of(leading, end, side, otherLeg(role, end, borne));
        return drawn(view, new Moving(leading, start, end, allowed, borne), side, PoseWords.say(pose, role));
    }

    /** Whether the foot stays where it is while the leg moves. */
    private static boolean isBorne(Role role) {
        return role.demands().stream()
                .anyMatch(demand -> demand instanceof Demand.Movement movement
                        && movement.chain() == Chain.CLOSED
                        && LEG.contains(movement.motion().joint()));
    }

    /** Both legs move alike where both bear; a leg that does not bear is lifted behind. */
    private static Angles otherLeg(Role role, Angles end, boolean borne) {
        if (!borne) {
            return Angles.still(end.posture());
        }
        return role.standsOn(Support.ONE)
                ? Angles.of(
                        Map.of(Motion.HIP_FLEXION, Degrees.of(15), Motion.KNEE_FLEXION, Degrees.of(75)), end.posture())
                : end;
    }

    /** A joint at the end of what is allowed, as a precaution is taught. */
    public static Figure ofLimit(Motion motion, Arc allowed, Side side) {
        Posture posture = motion.joint() == Joint.HIP ? Posture.SUPINE : Posture.STANDING;
        Angles end = Angles.of(Map.of(motion, allowed.most()), posture);
        Angles start = Angles.of(Map.of(motion, allowed.least()), posture);
        View view = Views.of(motion, end, side, Angles.still(posture));
        return drawn(
                view, new Moving(motion, start, end, Optional.of(allowed), false), side, "The end of what is allowed.");
    }

    /**
     * What moves.
     *
     * @param borne whether the foot stays on the ground
     */
    private record Moving(Motion leading, Angles start, Angles end, Optional<Arc> allowed, boolean borne) {

        Placing before(View view) {
            return borne ? view.grounded(start, start) : Placing.NONE;
        }

        Placing after(View view) {
            return borne ? view.grounded(end, start) : Placing.NONE;
        }
    }

    private static Figure drawn(View view, Moving moving, Side side, String caption) {
        Placing after = moving.after(view);
        List<Point[]> quiet = view.quiet().stream().map(after::of).toList();
        Point[] first = moving.before(view).of(view.limb(moving.start()));
        Point[] last = after.of(view.limb(moving.end()));
        Point head = after.of(view.head());
        List<Point> all = Stream.concat(quiet.stream(), Stream.of(first, last))
                .flatMap(Stream::of)
                .toList();
        return new Figure(
                box(all, head, view.headRadius()),
                quiet.stream().map(Point::path).collect(Collectors.joining()),
                Point.path(first),
                Point.path(last),
                ground(all, view),
                moving.allowed().map(allowed -> arc(view, moving, allowed)).orElse(""),
                new Figure.Head(said(head.x()), said(0 - head.y()), said(view.headRadius())),
                side.name().toLowerCase(Locale.ROOT) + " " + limb(moving.leading()),
                view.seen(),
                caption);
    }

    private static String limb(Motion leading) {
        return switch (leading.joint()) {
            case SHOULDER, ELBOW, FOREARM -> "arm";
            case WRIST, MCP, PIP, DIP -> "hand";
            default -> "leg";
        };
    }

    private static String arc(View view, Moving moving, Arc allowed) {
        Placing after = moving.after(view);
        Angles end = moving.end();
        return after.of(view.pivot(end))
                .arc(
                        ARC_RADIUS,
                        view.direction(moving.leading(), allowed.least().value(), end) + after.turned(),
                        view.direction(moving.leading(), allowed.most().value(), end) + after.turned());
    }

    private static String said(double number) {
        return String.format(Locale.ROOT, "%.1f", number);
    }

    private static String ground(List<Point> all, View view) {
        if (!(view instanceof SideView)) {
            return "";
        }
        double lowest = all.stream().mapToDouble(Point::y).min().orElse(0) - 3;
        return Point.path(new Point(-95, lowest), new Point(95, lowest));
    }

    private static String box(List<Point> all, Point head, double r) {
        double left = Math.min(all.stream().mapToDouble(Point::x).min().orElse(0), head.x() - r) - MARGIN;
        double right = Math.max(all.stream().mapToDouble(Point::x).max().orElse(0), head.x() + r) + MARGIN;
        double low = Math.min(all.stream().mapToDouble(Point::y).min().orElse(0), head.y() - r) - MARGIN;
        double high = Math.max(all.stream().mapToDouble(Point::y).max().orElse(0), head.y() + r) + MARGIN;
        double size = Math.max(SMALLEST, Math.max(right - left, high - low));
        double x = (left + right - size) / 2;
        double y = (low + high + size) / 2;
        return String.format(Locale.ROOT, "%.1f %.1f %.1f %.1f", x, -y, size, size);
    }
}
