package waypost.library.simulated;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.core.course.Standing;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.log.WorkLog;
import waypost.core.milestone.Milestone;
import waypost.core.progression.Plan;
import waypost.core.progression.Prescribed;

/** How a made-up therapist plans: one exercise for each ladder, by its name. */
abstract class Planning {

    private final Map<String, RoleKey> plan = new LinkedHashMap<>();

    /** Takes the plan up for a visit; what the plan holds then is done as far as it is open. */
    abstract void takeUp(Standing standing, WorkLog work);

    /** What is prescribed in the place of the library's doses. */
    abstract Prescribed prescribed();

    final Map<String, RoleKey> plan() {
        return plan;
    }

    final void put(Standing standing, RoleKey role) {
        plan.put(ladder(standing, role), role);
    }

    final void putIfAbsent(Standing standing, RoleKey role) {
        plan.putIfAbsent(ladder(standing, role), role);
    }

    /** What the next phase asks to be tolerated and is open. */
    final void takeWhatIsToBeTolerated(Standing standing) {
        Set<String> wanted = new LinkedHashSet<>();
        standing.next().stream()
                .flatMap(next -> next.milestones().stream())
                .flatMap(Milestone::single)
                .filter(milestone -> !milestone.isMet())
                .map(Milestone::criterion)
                .filter(Criterion.Tolerated.class::isInstance)
                .forEach(criterion -> wanted.addAll(((Criterion.Tolerated) criterion).activities()));
        Set<RoleKey> open = standing.course().activities().stream()
                .filter(activity -> activity instanceof Activity.Exercise && wanted.contains(activity.id()))
                .flatMap(activity -> activity.roles().stream())
                .map(Role::key)
                .filter(role -> standing.verdict(role).kind().isOpen()
                        && !standing.switchedOff().contains(role))
                .collect(Collectors.toCollection(LinkedHashSet::new));
        open.forEach(role -> put(standing, role));
    }

    private static String ladder(Standing standing, RoleKey role) {
        return standing.course().exercise(role.activity()).ladder();
    }

    /** At each visit what has opened joins the plan, with the library's doses. */
    static final class ByVisit extends Planning {

        @Override
        void takeUp(Standing standing, WorkLog work) {
            Plan.firstOn(standing).forEach(role -> putIfAbsent(standing, role));
            takeWhatIsToBeTolerated(standing);
        }

        @Override
        Prescribed prescribed() {
            return Prescribed.NOTHING;
        }
    }
}
