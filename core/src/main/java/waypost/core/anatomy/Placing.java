package waypost.core.anatomy;

import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;

/**
 * Puts a body on what it touches: its trunk leans until everything that should touch something level does, its ankles give
 * until it stands over its feet where nobody said how they stand, and on one foot it leans over that foot.
 */
public final class Placing {

    private static final int MOST_TRIES = 60;
    private static final double FINE = 1e-9;
    private static final double PRECISE = 1e-4;
    private static final double MOST_LEAN = 80;
    private static final double STEP = 20;
    private static final double LEAST_ANKLE = -45;
    private static final double MOST_ANKLE = 40;

    private final Build build;

    public Placing(Build build) {
        this.build = build;
    }

    /** Where everything then is. What should touch and can't, doesn't: {@link #misfit} says by how much. */
    public Skeleton place(Stance stance) {
        Stance settled = hasSoles(stance) && !saysAnkles(stance) ? withAnkles(stance, ankle(stance)) : stance;
        double pitch = pitch(settled);
        return onGround(settled, pitch, isOnOneSide(settled) ? roll(settled, pitch) : 0);
    }

    /** The furthest that anything which should touch something level is from it, in metres. */
    public static double misfit(Skeleton skeleton, Stance stance) {
        return stance.level().stream()
                .mapToDouble(contact -> Math.abs(gap(skeleton, contact)))
                .max()
                .orElse(0);
    }

    static double gap(Skeleton skeleton, Contact contact) {
        double height = contact.surface() instanceof Surface.Level level ? level.heightMetres() : 0;
        return skeleton.spot(contact.half(), contact.spot()).getZ() - height;
    }

    /** Leaning so far, and as low as it touches on the whole. */
    private Skeleton onGround(Stance stance, double pitch, double roll) {
        Skeleton floating =
                Skeleton.of(build, stance.angles(), stance.attitude().leaning(pitch, roll), Vector3D.ZERO);
        double up = stance.level().stream()
                .mapToDouble(contact -> gap(floating, contact))
                .average()
                .orElse(0);
        return Skeleton.of(build, stance.angles(), stance.attitude().leaning(pitch, roll), new Vector3D(0, 0, -up));
    }

    private double pitch(Stance stance) {
        List<Contact> level = stance.level();
        if (standsOnFeet(stance) && isOnOneLine(level)) {
            return overTheLine(onGround(stance, 0, 0), stance);
        }
        return level.size() < 2 ? 0 : pitch(onGround(stance, 0, 0), level);
    }

    /** On the balls of the feet alone, or on the heels. */
    private static boolean isOnOneLine(List<Contact> level) {
        return level.stream().map(Contact::spot).distinct().count() == 1;
    }

    private static double overTheLine(Skeleton upright, Stance stance) {
        Vector3D above = upright.centre().subtract(middle(upright, stance));
        return -Math.toDegrees(Math.atan2(above.getX(), above.getZ()));
    }

    private static double pitch(Skeleton upright, List<Contact> level) {
        Heights heights = Heights.of(upright, level);
        return least(lean -> heights.unevenness(Math.toRadians(lean)) + FINE * lean * lean, MOST_LEAN);
    }

    private static double flatness(Skeleton upright, Stance stance, double lean) {
        return Heights.of(upright, stance.level()).unevenness(Math.toRadians(lean));
    }

    /** Over the one foot that stands: leaning to the side moves a place by z sin. */
    private double roll(Stance stance, double pitch) {
        Skeleton upright = onGround(stance, pitch, 0);
        Vector3D above = upright.centre().subtract(middle(upright, stance));
        return -Math.toDegrees(Math.atan2(above.getY(), above.getZ()));
    }

    /** Who stands on the feet alone bends the ankles until the weight is over them; all others, until the soles lie flat. */
    private double ankle(Stance stance) {
        boolean balances = standsOnFeet(stance);
        double bent = least(
                ankle -> {
                    Stance so = withAnkles(stance, ankle);
                    Skeleton upright = onGround(so, 0, 0);
                    double lean = pitch(upright, so.level());
                    return balances
                            ? Math.pow(offBalance(upright, so, Math.toRadians(lean)), 2)
                            : flatness(upright, so, lean) + FINE * ankle * ankle;
                },
                MOST_ANKLE);
        return Math.max(LEAST_ANKLE, bent);
    }

    private static double offBalance(Skeleton upright, Stance stance, double lean) {
        Vector3D above = upright.centre().subtract(middle(upright, stance));
        return above.getX() * Math.cos(lean) + above.getZ() * Math.sin(lean);
    }

    /** Half-way between everything level that is touched. */
    private static Vector3D middle(Skeleton skeleton, Stance stance) {
        Vector3D sum = Vector3D.ZERO;
        for (Contact contact : stance.level()) {
            sum = sum.add(skeleton.spot(contact.half(), contact.spot()));
        }
        return sum.scalarMultiply(1.0 / stance.level().size());
    }

    private static Stance withAnkles(Stance stance, double degrees) {
        JointAngles angles = stance.angles();
        for (Half half : Half.values()) {
            angles = angles.with(half, Motion.ANKLE_DORSIFLEXION, Degrees.of(degrees));
        }
        return stance.with(angles);
    }

    private static boolean standsOnFeet(Stance stance) {
        return stance.contacts().stream()
                .allMatch(contact -> contact.spot() == Spot.HEEL || contact.spot() == Spot.TOES);
    }

    private static boolean hasSoles(Stance stance) {
        return stance.contacts().stream().anyMatch(contact -> contact.spot() == Spot.HEEL)
                && stance.contacts().stream().anyMatch(contact -> contact.spot() == Spot.TOES);
    }

    private static boolean saysAnkles(Stance stance) {
        return stance.contacts().stream()
                .anyMatch(contact -> stance.angles().says(contact.half(), Motion.ANKLE_DORSIFLEXION));
    }

    private static boolean isOnOneSide(Stance stance) {
        return stance.contacts().stream().map(Contact::half).distinct().count() == 1 && standsOnFeet(stance);
    }

    /** Where a function of an angle is least within so many degrees of 0: the best of a coarse look, then refined. */
    private static double least(DoubleUnaryOperator function, double most) {
        double best = 0;
        for (double angle = -most; angle <= most; angle += STEP) {
            best = function.applyAsDouble(angle) < function.applyAsDouble(best) ? angle : best;
        }
        return new BrentOptimizer(PRECISE, PRECISE)
                .optimize(
                        GoalType.MINIMIZE,
                        new MaxEval(MOST_TRIES * 4),
                        new UnivariateObjectiveFunction(function::applyAsDouble),
                        new SearchInterval(Math.max(-90, best - STEP), Math.min(90, best + STEP)))
                .getPoint();
    }
}
