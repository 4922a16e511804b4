package waypost.core.done;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Spot;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.GettingDown;
import waypost.core.demand.Kneeling;
import waypost.core.demand.Loading;
import waypost.core.demand.Posture;
import waypost.core.demand.Support;
import waypost.core.exercise.Besides;
import waypost.core.exercise.Role;

/** What doing a role asks of both sides of the body beside what the role says. */
public final class Entailed {

    /** What carries less than this of the body, in percent, only touches. */
    private static final double TOUCHES = 3;

    /** A joint bent no further than this stands on its bones; bent further its muscles hold. Common practice, no source. */
    private static final double STANDS_STRAIGHT = 20;

    /** An ankle that bends no further than this may as well stand in a boot or on a lift under the heel. */
    private static final double STANDS_UPRIGHT = 8;

    private static final Set<Posture> LYING =
            Set.of(Posture.SUPINE, Posture.PRONE, Posture.ON_OPERATED_SIDE, Posture.ON_OTHER_SIDE);
    private static final List<Motion> BENT_IN_LYING = List.of(Motion.HIP_FLEXION, Motion.KNEE_FLEXION);

    private static final Set<Posture> ON_FLOOR = Set.of(Posture.HANDS_AND_KNEES, Posture.KNEELING, Posture.PLANK);

    private static final List<Motion> OF_LEG =
            List.of(Motion.HIP_FLEXION, Motion.KNEE_FLEXION, Motion.ANKLE_DORSIFLEXION);
    private static final List<Motion> OF_ARM =
            List.of(Motion.SHOULDER_FLEXION, Motion.ELBOW_FLEXION, Motion.WRIST_FLEXION);

    private final Done done;
    private final Role role;
    private final Carried carried;

    private Entailed(Done done, Carried carried, Role role) {
        this.done = done;
        this.role = role;
        this.carried = carried;
    }

    /**
     * By somebody of middling build. Of what is only passed through, walking and landing, nothing can be told by a body that
     * holds still: the file has to say it.
     *
     * @param carried what the limbs carry meanwhile
     * @param efforts what holds weight meanwhile, {@link Effort#of}
     */
    public static Besides by(Done done, Carried carried, List<Effort> efforts, Role role, List<String> equipment) {
        List<Demand> operated = new ArrayList<>();
        List<Demand> other = new ArrayList<>();
        if (!done.inPassing()) {
            Entailed entailed = new Entailed(done, carried, role);
            operated.addAll(entailed.of(Half.OPERATED));
            other.addAll(entailed.of(Half.OTHER));
        }
        Stream.of(Muscles.of(role, efforts), Hands.of(role, equipment))
                .flatMap(List::stream)
                .filter(demand -> operated.stream().noneMatch(demand::isOfTheSameAs))
                .forEach(operated::add);
        return new Besides(operated, other);
    }

    private List<Demand> of(Half half) {
        List<Demand> demands = new ArrayList<>();
        for (Limb limb : Limb.values()) {
            if (carried.percent(half, limb) >= TOUCHES) {
                demands.add(bearing(half, limb));
                for (Motion motion : limb == Limb.LEG ? OF_LEG : OF_ARM) {
                    carried.arc(half, motion)
                            .filter(arc -> !isUpright(motion, arc))
                            .map(arc -> held(motion, arc))
                            .ifPresent(demands::add);
                }
            }
        }
        double kneeling = carried.percent(half, Spot.KNEE);
        if (kneeling >= TOUCHES) {
            demands.add(new Kneeling(share(kneeling)));
        }
        if (ON_FLOOR.contains(done.posture())) {
            demands.add(new GettingDown());
        }
        sat(half).ifPresent(demands::add);
        demands.addAll(restsBent(half, demands));
        demands.addAll(betweenFixed(half));
        lain(half).ifPresent(demands::add);
        return half == Half.OTHER
                ? demands
                : demands.stream().filter(demand -> !isSaid(demand)).toList();
    }

    private Demand bearing(Half half, Limb limb) {
        boolean both = carried.percent(half.opposite(), limb) >= TOUCHES;
        return new Demand.Bearing(limb, share(carried.percent(half, limb)), both ? Support.BOTH : Support.ONE);
    }

    private static BodyShare share(double percent) {
        return BodyShare.ofPercent(Math.rint(percent));
    }

    /** On the back the feet may as well stand on their heels, and who kneels may lay them flat or tuck the toes under. */
    private boolean isUpright(Motion motion, Arc arc) {
        return motion == Motion.ANKLE_DORSIFLEXION
                && (done.posture() == Posture.SUPINE
                        || done.posture() == Posture.HANDS_AND_KNEES
                        || done.posture() == Posture.KNEELING
                        || arc.most().value() <= STANDS_UPRIGHT && arc.least().value() >= -STANDS_UPRIGHT);
    }

    /** A joint under the body's weight. */
    private static Demand held(Motion motion, Arc arc) {
        boolean straight = arc.most().value() <= STANDS_STRAIGHT && arc.least().value() >= -STANDS_STRAIGHT;
        boolean raises = motion == Motion.SHOULDER_FLEXION;
        return new Demand.Movement(
                motion,
                arc,
                Optional.empty(),
                raises ? Direction.POSITIVE : Direction.NEGATIVE,
                straight || motion == Motion.WRIST_FLEXION ? Mode.PASSIVE : Mode.ACTIVE,
                Chain.CLOSED,
                Loading.OWN_WEIGHT,
                EndRange.SHORT_OF_IT);
    }

    /** Who sits bends the hips; the knees may hang, rest or be propped up. */
    private Optional<Demand> sat(Half half) {
        return done.posture() == Posture.SITTING
                ? Optional.of(rests(Motion.HIP_FLEXION, placed(half, Motion.HIP_FLEXION)))
                : Optional.empty();
    }

    /** Whoever lies with the feet drawn up has hip and knee bent, though nothing moves them. */
    private List<Demand> restsBent(Half half, List<Demand> known) {
        if (!LYING.contains(done.posture())) {
            return List.of();
        }
        List<Demand> bent = new ArrayList<>(2);
        for (Motion motion : BENT_IN_LYING) {
            Arc arc = placed(half, motion);
            Demand rests = rests(motion, arc);
            if (arc.most().value() > STANDS_STRAIGHT && known.stream().noneMatch(rests::isOfTheSameAs)) {
                bent.add(rests);
            }
        }
        return bent;
    }

    /** A hand that lies on something, and the foot of whoever sits, leave the joint between no choice. */
    private List<Demand> betweenFixed(Half half) {
        if (half == Half.OTHER) {
            return List.of();
        }
        List<Demand> between = new ArrayList<>(2);
        if (fixes(movement -> movement.motion().joint().limb() == Limb.ARM)) {
            between.add(rests(Motion.ELBOW_FLEXION, placed(half, Motion.ELBOW_FLEXION)));
        }
        if (done.posture() == Posture.SITTING
                && fixes(movement -> movement.motion().joint() == Joint.ANKLE)) {
            between.add(rests(Motion.KNEE_FLEXION, placed(half, Motion.KNEE_FLEXION)));
        }
        return between;
    }

    private boolean fixes(Predicate<Demand.Movement> of) {
        return role.demands().stream()
                .anyMatch(demand -> demand instanceof Demand.Movement movement
                        && movement.chain() == Chain.CLOSED
                        && of.test(movement));
    }

    /** Through which angles a joint goes, whatever carries. */
    private Arc placed(Half half, Motion motion) {
        DoubleSummaryStatistics angles = done.ends().stream()
                .mapToDouble(stance -> Math.rint(stance.angles().at(half, motion)))
                .summaryStatistics();
        return new Arc(Degrees.of(angles.getMin()), Degrees.of(angles.getMax()));
    }

    /** A joint that only lies so. */
    private static Demand rests(Motion motion, Arc arc) {
        return new Demand.Movement(
                motion,
                arc,
                Optional.empty(),
                Direction.POSITIVE,
                Mode.PASSIVE,
                Chain.OPEN,
                Loading.NONE,
                EndRange.SHORT_OF_IT);
    }

    /** How it lies, kneels, sits or stands; lying on a side lies on its limbs, and the upper side lies on nothing. */
    private Optional<Demand> lain(Half half) {
        Posture under = half == Half.OPERATED ? Posture.ON_OPERATED_SIDE : Posture.ON_OTHER_SIDE;
        Posture over = half == Half.OPERATED ? Posture.ON_OTHER_SIDE : Posture.ON_OPERATED_SIDE;
        return Optional.of(done.posture())
                .filter(posture -> posture != over)
                .map(posture -> new Demand.Placed(posture == under ? Posture.ON_OPERATED_SIDE : posture));
    }

    /** What a file says of a limb or an axis is taken from the file. */
    private boolean isSaid(Demand demand) {
        return role.demands().stream().anyMatch(demand::isOfTheSameAs);
    }
}
