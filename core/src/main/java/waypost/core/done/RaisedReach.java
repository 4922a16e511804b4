package waypost.core.done;

import java.util.Optional;
import java.util.OptionalDouble;
import waypost.core.anatomy.ReachedBar;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;
import waypost.core.demand.Demand;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;

/** A bar for which straight arms reach ahead of somebody who lies on the front: the arms begin further overhead. */
record RaisedReach() implements Raising {

    private static final double WHOLE = 180;

    @Override
    public Activity.Exercise by(Activity.Exercise exercise, double metres) {
        return exercise.with(
                exercise.roles().stream().map(role -> reaching(role, metres)).toList());
    }

    @Override
    public Optional<Double> heightMetres(Role role) {
        return reach(role).map(ReachedBar::heightMetres);
    }

    private static Optional<Double> reach(Role role) {
        return role.demands().stream()
                .filter(RaisedReach::isOfShoulder)
                .map(demand -> ((Demand.Movement) demand).arc().most().value())
                .max(Double::compare);
    }

    private static boolean isOfShoulder(Demand demand) {
        return demand instanceof Demand.Movement movement && movement.motion() == Motion.SHOULDER_FLEXION;
    }

    private static Role reaching(Role role, double metres) {
        double height = heightOf(role) + metres;
        OptionalDouble shoulder = ReachedBar.shoulderDegrees(height);
        if (shoulder.isEmpty()) {
            throw new IllegalArgumentException("found a height of " + Math.round(height * 100)
                    + " cm, allowed: one that arms reach ahead of somebody who lies");
        }
        Role now = role;
        for (int at = 0; at < role.demands().size(); at++) {
            if (isOfShoulder(role.demands().get(at))) {
                now = now.replacing(at, upTo((Demand.Movement) role.demands().get(at), shoulder.getAsDouble()));
            }
        }
        return now;
    }

    private static double heightOf(Role role) {
        return reach(role)
                .map(ReachedBar::heightMetres)
                .orElseThrow(() -> new IllegalArgumentException(
                        "found no shoulder that reaches ahead, allowed: one in every role"));
    }

    private static Demand.Movement upTo(Demand.Movement movement, double degrees) {
        double most = Math.min(WHOLE, Math.rint(degrees));
        return new Demand.Movement(
                movement.motion(),
                Arc.between(Math.min(movement.arc().least().value(), most), most),
                movement.needs().map(needed -> Degrees.of(most)),
                movement.working(),
                movement.mode(),
                movement.chain(),
                movement.loading(),
                movement.end());
    }
}
