package waypost.core.movement;

import java.util.List;
import java.util.Set;
import waypost.core.body.Mode;
import waypost.core.body.Tissue;
import waypost.core.course.Standing;
import waypost.core.demand.Demand;
import waypost.core.demand.Level;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.RoleKey;

/** What is open today that works at what a fault points to. */
public final class WorksAt {

    private WorksAt() {}

    /** Exercises for waking or strengthening that work these muscles at least moderately, in the library's order. */
    public static List<RoleKey> open(Tissue tissue, Standing standing) {
        Set<RoleKey> off = Set.copyOf(standing.switchedOff());
        return standing.course().activities().stream()
                .filter(activity -> activity instanceof Activity.Exercise exercise
                        && (exercise.purpose() == Purpose.ACTIVATION || exercise.purpose() == Purpose.STRENGTH))
                .flatMap(activity -> activity.roles().stream())
                .filter(role -> role.demands().stream().anyMatch(demand -> works(demand, tissue)))
                .map(role -> role.key())
                .filter(key -> standing.verdict(key).kind().isOpen() && !off.contains(key))
                .toList();
    }

    private static boolean works(Demand demand, Tissue tissue) {
        return demand instanceof Demand.TissueLoad load
                && load.tissue() == tissue
                && load.mode() != Mode.PASSIVE
                && !Level.MODERATE.exceeds(load.effort());
    }
}
