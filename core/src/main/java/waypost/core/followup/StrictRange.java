package waypost.core.followup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Joint;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.course.Course;
import waypost.core.course.Standing;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.exercise.Role;
import waypost.core.gate.Verdict;
import waypost.core.measure.Measure;
import waypost.core.reason.NotYet;
import waypost.core.reason.Reason;

/**
 * The range of a shoulder posture by posture, moved, by itself and without help: what may be asked today. It is asked no other
 * way and no further than an exercise that is open today moves it; only a lack of range itself closes no measuring of it.
 *
 * @param asked those whose measure is in the library, in the order in which they are taken
 */
public record StrictRange(List<Asked> asked) {

    /** How the arm is held while it is measured. */
    public enum Posture {
        /** Back, head and both arms on the wall; both go up at once. */
        BOTH_ARMS_ON_A_WALL,
        ARM_AT_THE_SIDE,
        ARM_AT_45,
        ARM_AT_90,
        HAND_BEHIND_THE_BACK
    }

    /** What is measured where, by which motion, and how far out from the side the arm is held meanwhile. */
    private enum Place {
        RAISED("shoulder-flexion", Posture.BOTH_ARMS_ON_A_WALL, Motion.SHOULDER_FLEXION, Direction.POSITIVE, 0, 90),
        SPREAD("shoulder-abduction", Posture.BOTH_ARMS_ON_A_WALL, Motion.SHOULDER_ABDUCTION, Direction.POSITIVE, 0, 90),
        OUT_AT_SIDE(
                "shoulder-external-rotation",
                Posture.ARM_AT_THE_SIDE,
                Motion.SHOULDER_ROTATION,
                Direction.POSITIVE,
                0,
                45),
        OUT_AT_45(
                "shoulder-external-rotation-45",
                Posture.ARM_AT_45,
                Motion.SHOULDER_ROTATION,
                Direction.POSITIVE,
                45,
                45),
        OUT_AT_90(
                "shoulder-external-rotation-90",
                Posture.ARM_AT_90,
                Motion.SHOULDER_ROTATION,
                Direction.POSITIVE,
                90,
                45),
        IN_AT_90(
                "shoulder-internal-rotation-90",
                Posture.ARM_AT_90,
                Motion.SHOULDER_ROTATION,
                Direction.NEGATIVE,
                90,
                25),
        BEHIND("behind-back-level", Posture.HAND_BEHIND_THE_BACK, Motion.SHOULDER_ROTATION, Direction.NEGATIVE, 0, 60);

        private final String measure;
        private final Posture posture;
        private final Motion motion;
        private final Direction end;
        private final double out;
        private final double free;

        Place(String measure, Posture posture, Motion motion, Direction end, double out, double free) {
            this.measure = measure;
            this.posture = posture;
            this.motion = motion;
            this.end = end;
            this.out = out;
            this.free = free;
        }

        /** How far an arc goes toward the end that is measured. */
        private double toward(Arc arc) {
            return end == Direction.POSITIVE ? arc.most().value() : -arc.least().value();
        }

        private double possible() {
            return toward(motion.possible());
        }

        private boolean isInCounts() {
            return posture == Posture.HAND_BEHIND_THE_BACK;
        }
    }

    /**
     * How far it may be asked.
     *
     * @param degrees no further; empty as far as it goes
     */
    public record Reach(OptionalDouble degrees) {}

    /**
     * One thing to measure.
     *
     * @param passive how far it may be moved; empty not at all
     * @param active how far it may move by itself; empty not at all
     */
    public record Asked(Measure measure, Posture posture, Optional<Reach> passive, Optional<Reach> active) {

        public boolean isOpen() {
            return passive.isPresent() || active.isPresent();
        }

        public boolean isTogether() {
            return posture == Posture.BOTH_ARMS_ON_A_WALL;
        }

        /** Whether it is no angle, so that no ceiling of an angle is held against it. */
        public boolean isInCounts() {
            return posture == Posture.HAND_BEHIND_THE_BACK;
        }

        public Optional<Reach> by(Mode mode) {
            return mode == Mode.PASSIVE ? passive : active;
        }
    }

    /** What moves the joint less than this, in degrees, opens no measuring of it (ours, unreviewed). */
    private static final double WORTH_MEASURING = 20;

    public StrictRange {
        asked = List.copyOf(asked);
    }

    /** What may be asked of a course today; nothing where it is about no shoulder. */
    public static StrictRange of(Standing standing) {
        List<Asked> asked = new ArrayList<>();
        if (!standing.course().resolved().region().joints().contains(Joint.SHOULDER)) {
            return new StrictRange(asked);
        }
        List<Role> open = open(standing).toList();
        for (Place place : Place.values()) {
            standing.course().measures().stream()
                    .filter(measure -> measure.id().equals(place.measure))
                    .findFirst()
                    .ifPresent(measure -> asked.add(asked(standing, open, place, measure)));
        }
        return new StrictRange(asked);
    }

    private static Asked asked(Standing standing, List<Role> open, Place place, Measure measure) {
        Optional<Reach> passive = reach(standing, open, place, Mode.PASSIVE);
        Optional<Reach> active = reach(standing, open, place, Mode.ACTIVE);
        return new Asked(
                measure, place.posture, passive, place.isInCounts() && passive.isEmpty() ? Optional.empty() : active);
    }

    private static Optional<Reach> reach(Standing standing, List<Role> open, Place place, Mode mode) {
        List<Moved> moved = open.stream()
                .flatMap(role -> moved(role, place, mode))
                .filter(each -> each.left(standing, place) >= (place.isInCounts() ? place.free : WORTH_MEASURING))
                .toList();
        if (moved.isEmpty()) {
            return Optional.empty();
        }
        double furthest = moved.stream()
                .mapToDouble(each -> each.left(standing, place))
                .max()
                .orElseThrow();
        boolean unlimited = moved.stream().anyMatch(each -> each.allowed(standing, place) >= place.possible());
        return Optional.of(
                new Reach(furthest >= place.free && unlimited ? OptionalDouble.empty() : OptionalDouble.of(furthest)));
    }

    /** A movement of a role that is open, as it is asked in a mode. */
    private record Moved(Role role, int at) {

        double allowed(Standing standing, Place place) {
            return standing.allowedArc(role, at).map(place::toward).orElse(Double.NEGATIVE_INFINITY);
        }

        /** How far it goes of what is allowed. */
        double left(Standing standing, Place place) {
            return Math.min(
                    allowed(standing, place),
                    place.toward(((Demand.Movement) role.demands().get(at)).arc()));
        }
    }

    /** Exercises that are open, or would be if the range were known. */
    private static Stream<Role> open(Standing standing) {
        Course course = standing.course();
        return course.exercises()
                .flatMap(exercise -> exercise.roles().stream())
                .filter(role -> isOpen(standing.verdict(role.key())));
    }

    private static boolean isOpen(Verdict verdict) {
        return verdict.reasons().stream()
                .allMatch(reason -> reason.kind().isOpen()
                        || reason instanceof NotYet.RangeUnknown
                        || reason instanceof Reason.RangeShort);
    }

    /** What a muscle may do may also be done for it, as far as that is allowed; not the other way round. */
    private static Stream<Moved> moved(Role role, Place place, Mode mode) {
        return IntStream.range(0, role.demands().size())
                .filter(at -> role.demands().get(at) instanceof Demand.Movement movement
                        && movement.motion() == place.motion
                        && (mode == Mode.PASSIVE || movement.mode() == Mode.ACTIVE || movement.mode() == Mode.RESISTED)
                        && isHeld(role, place, mode))
                .mapToObj(at -> new Moved(
                        role.replacing(at, ((Demand.Movement) role.demands().get(at)).pressedSo(mode, Chain.OPEN)),
                        at));
    }

    /** Whether the arm is as far out from the side, or is moved behind the body, as the place asks. */
    private static boolean isHeld(Role role, Place place, Mode mode) {
        if (place.isInCounts() && mode == Mode.ACTIVE) {
            return true;
        }
        return place.isInCounts()
                ? arcs(role, Motion.SHOULDER_FLEXION)
                        .anyMatch(arc -> arc.least().value() < 0)
                : place.out == 0
                        || arcs(role, Motion.SHOULDER_ABDUCTION)
                                .anyMatch(arc -> arc.most().value() >= place.out);
    }

    private static Stream<Arc> arcs(Role role, Motion motion) {
        return role.demands().stream()
                .filter(demand -> demand instanceof Demand.Movement movement && movement.motion() == motion)
                .map(demand -> ((Demand.Movement) demand).arc());
    }

    /** Of two arms that go up together, the one that stops first sets how far both go. */
    public static OptionalDouble both(OptionalDouble one, OptionalDouble other) {
        return one.isEmpty() || other.isEmpty()
                ? OptionalDouble.empty()
                : DoubleStream.of(one.getAsDouble(), other.getAsDouble()).min();
    }

    /** How the body helped itself to what it did not have. */
    public enum Compensation {
        BLADE_LIFTS,
        BLADE_WINGS,
        BACK_ARCHES,
        TRUNK_LEANS,
        TRUNK_TURNS,
        ELBOW_LEAVES_ITS_PLACE,
        WRIST_BENDS
    }
}
