package waypost.core.done;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import waypost.core.anatomy.BentLeg;
import waypost.core.anatomy.Contact;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Spot;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Role;

/**
 * What an exercise asks when something that it is done on stands higher or lower than it is written for. A higher step and a
 * lower seat bend the leg further, all its joints in the same share; a higher bar or wedge only lifts what rests on it.
 */
public final class Raised {

    /** What has a height. */
    public enum What {
        STEP(Optional.of(BentLeg.STEP_UP), Set.of()),
        STEP_DOWN(Optional.of(BentLeg.STEP_DOWN), Set.of()),
        SEAT(Optional.of(BentLeg.SEAT), Set.of()),
        HANDS(Optional.empty(), Set.of(Spot.PALM, Spot.ELBOW, Spot.FOREARM)),
        HEELS(Optional.empty(), Set.of(Spot.HEEL)),
        ANCHOR(Optional.empty(), Set.of());

        private final Optional<BentLeg> leg;
        private final Set<Spot> lifted;

        What(Optional<BentLeg> leg, Set<Spot> lifted) {
            this.leg = leg;
            this.lifted = lifted;
        }

        /** The height to which the written bend of a role comes, in metres; empty where the leg does not tell it. */
        public Optional<Double> heightMetres(Role role) {
            return leg.flatMap(bent -> knee(role).map(bent::heightMetres));
        }
    }

    private static final Map<Motion, Double> FURTHEST = new EnumMap<>(
            Map.of(Motion.KNEE_FLEXION, 140.0, Motion.HIP_FLEXION, 120.0, Motion.ANKLE_DORSIFLEXION, 40.0));

    private final Activity.Exercise exercise;

    private Raised(Activity.Exercise exercise) {
        this.exercise = exercise;
    }

    /**
     * The exercise with something so many metres higher, or lower if negative; what its roles say that limbs carry is as much
     * more or less as is worked out.
     *
     * @throws IllegalArgumentException where no body of middling build reaches that
     */
    public static Activity.Exercise by(Activity.Exercise exercise, What what, double metres) {
        if (metres == 0) {
            return exercise;
        }
        return what == What.ANCHOR ? anchored(exercise, metres, 0) : new Raised(exercise).by(what, metres);
    }

    /** The exercise with its band anchored so many metres further away. */
    public static Activity.Exercise anchored(Activity.Exercise exercise, double metres) {
        return anchored(exercise, 0, metres);
    }

    private static Activity.Exercise anchored(Activity.Exercise exercise, double high, double away) {
        Map<String, Pose> poses = new HashMap<>(exercise.poses());
        poses.replaceAll((role, pose) -> pose.anchored(high, away));
        return exercise.done(exercise.roles(), poses);
    }

    private Activity.Exercise by(What what, double metres) {
        Map<String, Pose> poses = new HashMap<>(exercise.poses());
        List<Role> roles = exercise.roles();
        if (what.leg.isPresent()) {
            BentLeg leg = what.leg.get();
            roles = roles.stream().map(role -> bent(role, leg, metres)).toList();
        } else {
            poses.replaceAll((role, pose) -> lifted(pose, what, metres));
        }
        Activity.Exercise higher = exercise.done(roles, poses);
        return higher.with(
                higher.roles().stream().map(role -> carrying(role, higher)).toList());
    }

    private static Pose lifted(Pose pose, What what, double metres) {
        if (pose.touching().stream().noneMatch(contact -> what.lifted.contains(contact.spot()))) {
            throw new IllegalArgumentException("found no place that is on it, allowed: one under 'done: touching'");
        }
        List<Contact> contacts = pose.touching().stream()
                .map(contact -> what.lifted.contains(contact.spot()) ? contact.raised(metres) : contact)
                .toList();
        return pose.on(contacts);
    }

    /** With the legs bent in such a share of what is written that it fits what stands so much higher. */
    private static Role bent(Role role, BentLeg leg, double metres) {
        double knee = knee(role)
                .orElseThrow(() -> new IllegalArgumentException(
                        "found no bend of a knee that stands, allowed: one in every role"));
        double height = leg.heightMetres(knee) + metres;
        OptionalDouble other = leg.kneeDegrees(height);
        if (other.isEmpty()) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT, "found a height of %.0f cm, allowed: one to which a leg bends", height * 100));
        }
        return sharing(role, other.getAsDouble() / knee);
    }

    private static Optional<Double> knee(Role role) {
        return role.demands().stream()
                .filter(demand -> demand instanceof Demand.Movement movement
                        && movement.motion() == Motion.KNEE_FLEXION
                        && movement.chain() == Chain.CLOSED)
                .map(demand -> ((Demand.Movement) demand).arc().most().value())
                .max(Double::compare);
    }

    private static Role sharing(Role role, double share) {
        Role now = role;
        for (int at = 0; at < role.demands().size(); at++) {
            if (role.demands().get(at) instanceof Demand.Movement movement
                    && movement.chain() == Chain.CLOSED
                    && FURTHEST.containsKey(movement.motion())) {
                now = now.replacing(at, sharing(movement, share));
            }
        }
        return now;
    }

    private static Demand.Movement sharing(Demand.Movement movement, double share) {
        double furthest = FURTHEST.getOrDefault(movement.motion(), 0.0);
        double most = Math.min(furthest, Math.rint(movement.arc().most().value() * share));
        double least = Math.min(movement.arc().least().value(), most);
        return new Demand.Movement(
                movement.motion(),
                Arc.between(least, most),
                movement.needs().map(needed -> Degrees.of(Math.min(furthest, Math.rint(needed.value() * share)))),
                movement.working(),
                movement.mode(),
                movement.chain(),
                movement.loading(),
                movement.end());
    }

    /** As much more or less as the body so held carries than as it is written. */
    private Role carrying(Role role, Activity.Exercise higher) {
        if (role.demands().stream().noneMatch(Demand.Bearing.class::isInstance)) {
            return role;
        }
        Role written = exercise.roles().stream()
                .filter(one -> one.key().equals(role.key()))
                .findFirst()
                .orElseThrow();
        Carried before = Carried.by(Done.of(exercise, written));
        Carried after = Carried.by(Done.of(higher, role));
        Role now = role;
        for (int at = 0; at < role.demands().size(); at++) {
            if (role.demands().get(at) instanceof Demand.Bearing bearing) {
                double more =
                        after.percent(Half.OPERATED, bearing.limb()) - before.percent(Half.OPERATED, bearing.limb());
                double percent = Math.max(0, Math.rint(bearing.share().percent() + more));
                now = now.replacing(
                        at, new Demand.Bearing(bearing.limb(), BodyShare.ofPercent(percent), bearing.support()));
            }
        }
        return now;
    }
}
