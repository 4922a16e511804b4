package waypost.core.done;

import java.util.Optional;
import java.util.Set;
import waypost.core.anatomy.BentLeg;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Spot;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Demand;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;

/** What an exercise asks when something that it is done on stands higher or lower than it is written for. */
public final class Raised {

    /** What has a height. */
    public enum What {
        STEP(new RaisedLeg(BentLeg.STEP_UP)),
        STEP_DOWN(new RaisedLeg(BentLeg.STEP_DOWN)),
        SEAT(new RaisedLeg(BentLeg.SEAT)),
        HANDS(new RaisedContacts(Set.of(Spot.PALM, Spot.ELBOW, Spot.FOREARM))),
        HEELS(new RaisedContacts(Set.of(Spot.HEEL))),
        ANCHOR(new RaisedAnchor()),
        BAR(new RaisedReach());

        private final Raising raising;

        What(Raising raising) {
            this.raising = raising;
        }

        /** The height to which what a role asks comes, in metres; empty where that does not tell it. */
        public Optional<Double> heightMetres(Role role) {
            return raising.heightMetres(role);
        }
    }

    private Raised() {}

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
        Activity.Exercise higher = what.raising.by(exercise, metres);
        return higher.with(higher.roles().stream()
                .map(role -> carrying(role, exercise, higher))
                .toList());
    }

    /** The exercise with its band anchored so many metres further away. */
    public static Activity.Exercise anchored(Activity.Exercise exercise, double metres) {
        return RaisedAnchor.anchored(exercise, 0, metres);
    }

    /** As much more or less as the body so held carries than as it is written. */
    private static Role carrying(Role role, Activity.Exercise exercise, Activity.Exercise higher) {
        Role written = exercise.role(role.key());
        boolean asBefore = role.equals(written) && exercise.pose(written).isPlacedAs(higher.pose(role));
        if (asBefore || role.demands().stream().noneMatch(Demand.Bearing.class::isInstance)) {
            return role;
        }
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
