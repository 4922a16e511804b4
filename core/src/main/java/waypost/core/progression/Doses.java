package waypost.core.progression;

import java.util.List;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Counted;
import waypost.core.exercise.Progression;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.log.Bout;
import waypost.core.log.Response;
import waypost.core.log.WorkLog;

/**
 * The doses from which a rule goes on: the usual one, the first one, and what was done last.
 *
 * @param work what was done before the standing's day
 */
record Doses(Standing standing, WorkLog work, PainLimit pain) {

    /** What was done of a role last, or with what somebody begins. */
    Prescription last(RoleKey role) {
        List<Bout> bouts = work.bouts(role);
        return bouts.isEmpty() ? first(role) : asDoneLast(task(role, bouts));
    }

    /** What is to be dosed of a role that was done. */
    Task task(RoleKey role, List<Bout> bouts) {
        return new Task(usual(role), exercise(role).setUps(), bouts, pain, standing.date());
    }

    /** Where the joint was sore after running or jumping, the soreness rules go before the exercise's own. */
    ProgressionRule rule(RoleKey role, Task task) {
        boolean sore = task.last()
                .response()
                .map(response -> response.soreness() != Response.Soreness.NONE)
                .orElse(false);
        return ProgressionRule.named(
                sore && role(role).hasImpact()
                        ? Progression.SORENESS_RULES
                        : exercise(role).progression());
    }

    /** The load and amount of the last bout, in the usual number of sets. */
    static Prescription asDoneLast(Task task) {
        Prescription now = task.now();
        int amount = Math.max(1, task.last().leastAmount());
        return now.aim().counted() == Counted.REPS && now.aim().most() >= amount ? now : now.at(amount);
    }

    /** With what somebody begins: the usual dose on the lightest load. */
    Prescription first(RoleKey key) {
        return usual(key).lightest(role(key));
    }

    /** The usual dose, cut to what the gate leaves of it today. */
    Prescription usual(RoleKey key) {
        Prescription usual = Prescription.usual(exercise(key), role(key));
        return standing.verdict(key).reducedTo().map(usual::within).orElse(usual);
    }

    private Activity.Exercise exercise(RoleKey key) {
        return standing.course().exercise(key.activity());
    }

    private Role role(RoleKey key) {
        return standing.course().role(key);
    }
}
