package waypost.library.secondjudge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Stance;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.LoadUnit;
import waypost.core.done.Carried;
import waypost.core.done.Done;
import waypost.core.done.Effort;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.library.Shipped;

/** How hard a limb that nothing holds up must be held, against a second body's virtual work. */
@Tag("slow")
class SecondEffortTest {

    private static final double STATURE = 1.75;
    private static final double GRAVITY = 9.81;
    private static final double MASS = 75;

    /** Shares of what can be held. */
    private static final double OFF = 0.02;

    /** Newton-metres a kilogram: what bends, then what straightens, as docs/body.md says it is meant. */
    private static final Map<Motion, double[]> STRONG = Map.of(
            Motion.KNEE_FLEXION, new double[] {1.5, 3.0},
            Motion.HIP_FLEXION, new double[] {2.0, 3.0},
            Motion.SHOULDER_FLEXION, new double[] {0.95, 1.1},
            Motion.ELBOW_FLEXION, new double[] {0.9, 0.75});

    @Test
    void everyFreeLimbIsHeldAsHardAsTheSecondBodySays() {
        List<String> wrong = new ArrayList<>();
        int compared = 0;
        for (Activity activity : Shipped.BUNDLE.activities()) {
            for (Role role : activity.roles()) {
                Done done = Done.of(activity, role);
                List<Demand.Movement> free = done.inPassing() ? List.of() : free(role, done);
                if (free.size() == 1) {
                    double expected = share(done, role, free.get(0));
                    double found = Effort.of(done, Carried.by(done), role).stream()
                            .mapToDouble(Effort::share)
                            .max()
                            .orElse(0);
                    compared++;
                    if (Math.abs(found - expected) > OFF + 0.05 * expected && (found > 0 || expected > 0.05)) {
                        wrong.add(String.format(
                                Locale.ROOT, "%s: found %.2f, the second body %.2f", role.key(), found, expected));
                    }
                }
            }
        }

        System.out.printf("%d free limbs held by a second body%n", compared);
        assertThat(wrong).isEmpty();
        assertThat(compared).isGreaterThanOrEqualTo(40);
    }

    /** The only movement that works is of a limb in the air, and its joint's axis is the body's own. */
    private static List<Demand.Movement> free(Role role, Done done) {
        List<Demand.Movement> working = role.demands().stream()
                .filter(demand -> demand instanceof Demand.Movement movement
                        && (movement.mode() == Mode.ACTIVE || movement.mode() == Mode.RESISTED))
                .map(Demand.Movement.class::cast)
                .toList();
        boolean plain = done.ends().stream()
                .allMatch(end -> at(end, Motion.SHOULDER_ABDUCTION) == 0
                        && at(end, Motion.SHOULDER_CROSSING) == 0
                        && at(end, Motion.SHOULDER_ROTATION) == 0
                        && at(end, Motion.HIP_ABDUCTION) == 0
                        && at(end, Motion.HIP_ROTATION) == 0);
        boolean meant = working.stream()
                .allMatch(movement -> STRONG.containsKey(movement.motion()) && movement.chain() == Chain.OPEN);
        return plain && meant ? working : List.of();
    }

    private static double at(Stance end, Motion motion) {
        return end.angles().at(Half.OPERATED, motion);
    }

    private static double share(Done done, Role role, Demand.Movement movement) {
        double load = role.demands().stream()
                .filter(demand ->
                        demand instanceof Demand.Held held && held.load().unit() == LoadUnit.KILOGRAMS)
                .mapToDouble(demand -> ((Demand.Held) demand).load().amount() / MASS)
                .sum();
        boolean bends = movement.working() == Direction.POSITIVE;
        double strong = STRONG.get(movement.motion())[bends ? 0 : 1];
        return done.ends().stream()
                        .mapToDouble(end -> SecondBody.rises(end, movement.motion(), load) * (bends ? 1 : -1))
                        .max()
                        .orElse(0)
                * STATURE
                * GRAVITY
                / strong;
    }
}
