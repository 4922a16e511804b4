package waypost.core.progression;

import waypost.core.course.Course;
import waypost.core.demand.Demand;
import waypost.core.demand.RunningSteps;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Counted;
import waypost.core.exercise.RoleKey;

/** How often a foot meets the ground hard: in skips, hops and jumps, and in the steps of a run. */
public record GroundContacts(Course course) {

    /**
     * In so much of an exercise.
     *
     * @param amount as its sets are counted: contacts, runs or minutes
     * @return 0 for what has none, and for what the library does not know any more
     */
    public int of(RoleKey role, int amount) {
        return course.activities().stream()
                .filter(activity -> activity.id().equals(role.activity()))
                .filter(Activity.Exercise.class::isInstance)
                .map(Activity.Exercise.class::cast)
                .findFirst()
                .map(exercise -> contacts(exercise, role, amount))
                .orElse(0);
    }

    private static int contacts(Activity.Exercise exercise, RoleKey key, int amount) {
        Counted counted = exercise.dose().aim().counted();
        if (counted == Counted.CONTACTS) {
            return amount;
        }
        return exercise.roles().stream()
                .filter(role -> role.key().equals(key))
                .flatMap(role -> role.demands().stream())
                .mapToInt(demand -> perAmount(demand, counted, exercise) * amount)
                .max()
                .orElse(0);
    }

    /** So many contacts for one run or one minute of running; none for what is counted otherwise. */
    private static int perAmount(Demand demand, Counted counted, Activity.Exercise exercise) {
        if (demand instanceof RunningSteps steps) {
            return counted == Counted.MINUTES ? steps.perMinute().number() : 0;
        }
        return demand instanceof Demand.Contacts contacts && counted == Counted.RUNS
                ? contacts.count().number() / exercise.dose().aim().most()
                : 0;
    }
}
