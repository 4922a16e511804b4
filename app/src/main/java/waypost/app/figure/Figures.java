package waypost.app.figure;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.body.Arc;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.body.Motion;
import waypost.core.body.Side;
import waypost.core.demand.Demand;
import waypost.core.demand.Posture;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Role;
import waypost.library.words.PoseWords;

/** Draws a pose as a role of the operated limb takes it. */
public final class Figures {

    private static final double ARC_RADIUS = 24;
    private static final double MARGIN = 16;
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
    public static Figure of(Pose pose, Role role, Optional<Arc> allowed, Side side) {
        Motion leading = leading(role);
        Angles start = Angles.of(pose.start(role), pose.posture());
        Angles end = Angles.of(pose.end(role), pose.posture());
        String arc = allowed.map(between -> arc(Views.of(leading, end, side), leading, between, end))
                .orElse("");
        return drawn(leading, start, end, arc, side, PoseWords.say(pose, role));
    }

    /** A joint at the end of what is allowed, as a precaution is taught. */
    public static Figure ofLimit(Motion motion, Arc allowed, Side side) {
        Posture posture = motion.joint() == Joint.HIP ? Posture.SUPINE : Posture.STANDING;
        Angles end = Angles.of(Map.of(motion, allowed.most()), posture);
        Angles start = Angles.of(Map.of(motion, allowed.least()), posture);
        String arc = arc(Views.of(motion, end, side), motion, allowed, end);
        return drawn(motion, start, end, arc, side, "The end of what is allowed.");
    }

    private static Figure drawn(Motion leading, Angles start, Angles end, String arc, Side side, String caption) {
        View view = Views.of(leading, end, side);
        List<Point[]> quiet = view.quiet();
        Point[] first = view.limb(start);
        Point[] last = view.limb(end);
        List<Point> all = Stream.concat(quiet.stream(), Stream.of(first, last))
                .flatMap(Stream::of)
                .toList();
        return new Figure(
                box(all, view),
                quiet.stream().map(Point::path).collect(Collectors.joining()),
                Point.path(first),
                Point.path(last),
                ground(all, view),
                arc,
                view.head(),
                side.name().toLowerCase(Locale.ROOT) + " " + limb(leading),
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

    private static String arc(View view, Motion leading, Arc allowed, Angles end) {
        return view.pivot(end)
                .arc(
                        ARC_RADIUS,
                        view.direction(leading, allowed.least().value(), end),
                        view.direction(leading, allowed.most().value(), end));
    }

    private static String ground(List<Point> all, View view) {
        if (!(view instanceof SideView)) {
            return "";
        }
        double lowest = all.stream().mapToDouble(Point::y).min().orElse(0) - 3;
        return Point.path(new Point(-95, lowest), new Point(95, lowest));
    }

    private static String box(List<Point> all, View view) {
        double headX = Double.parseDouble(view.head().x());
        double headY = -Double.parseDouble(view.head().y());
        double r = Double.parseDouble(view.head().r());
        double left = Math.min(all.stream().mapToDouble(Point::x).min().orElse(0), headX - r) - MARGIN;
        double right = Math.max(all.stream().mapToDouble(Point::x).max().orElse(0), headX + r) + MARGIN;
        double low = Math.min(all.stream().mapToDouble(Point::y).min().orElse(0), headY - r) - MARGIN;
        double high = Math.max(all.stream().mapToDouble(Point::y).max().orElse(0), headY + r) + MARGIN;
        double size = Math.max(SMALLEST, Math.max(right - left, high - low));
        double x = (left + right - size) / 2;
        double y = (low + high + size) / 2;
        return String.format(Locale.ROOT, "%.1f %.1f %.1f %.1f", x, -y, size, size);
    }
}
