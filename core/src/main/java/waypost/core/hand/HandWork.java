package waypost.core.hand;

import java.util.List;
import waypost.core.body.Motion;
import waypost.core.course.Standing;
import waypost.core.demand.Demand;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;

/** What fingers are worked with on a day: exercises of a finger's joints that are done every hour and are open. */
public final class HandWork {

    private HandWork() {}

    /** Their titles; none where nothing of the kind is open, and then there is no dose either. */
    public static List<String> open(Standing standing) {
        return standing.course()
                .exercises()
                .filter(exercise -> exercise.dose().frequency().contains("hour"))
                .filter(standing.course()::speaksOf)
                .filter(exercise -> exercise.roles().stream()
                        .anyMatch(role -> bendsAFinger(role)
                                && standing.verdict(role.key()).kind().isOpen()))
                .map(Activity.Exercise::title)
                .toList();
    }

    private static boolean bendsAFinger(Role role) {
        return role.demands().stream()
                .anyMatch(demand -> demand instanceof Demand.Movement movement
                        && (movement.motion() == Motion.MCP_FLEXION
                                || movement.motion() == Motion.PIP_FLEXION
                                || movement.motion() == Motion.DIP_FLEXION));
    }
}
