package waypost.core.progression;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import waypost.core.course.Course;
import waypost.core.demand.Demand;
import waypost.core.demand.RunningSteps;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Counted;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.log.SetDone;
import waypost.core.log.WorkLog;
import waypost.core.prescription.WorkingDose;

/**
 * A run that was never done beside the ground contacts of the last two weeks: skips and hops reach in one session what the
 * run will ask, before it is begun (common practice, no source). It is told, and the therapist decides.
 */
record FirstRun(Course course, WorkLog work, LocalDate today) {

    private static final int DAYS = 14;

    /** What the first dose of a run asks more than was done; empty for what is no run, was done before, or asks no more. */
    Optional<Ground.ContactsBefore> asksMore(RoleKey key, WorkingDose dose) {
        Activity.Exercise exercise = course.exercise(key.activity());
        Role role = dose.asked(exercise, exercise.role(key));
        boolean runs = exercise.dose().aim().counted() == Counted.RUNS
                || role.demands().stream().anyMatch(RunningSteps.class::isInstance);
        if (!runs || !work.bouts(key).isEmpty()) {
            return Optional.empty();
        }
        int asked = role.demands().stream().mapToInt(FirstRun::contacts).max().orElse(0);
        int most = mostInASession();
        return asked > most ? Optional.of(new Ground.ContactsBefore(most, asked)) : Optional.empty();
    }

    private static int contacts(Demand demand) {
        if (demand instanceof RunningSteps steps) {
            return steps.count().number();
        }
        return demand instanceof Demand.Contacts contacts ? contacts.count().number() : 0;
    }

    private int mostInASession() {
        Map<LocalDate, Integer> byDay = work.sets().stream()
                .filter(set ->
                        set.on().isAfter(today.minusDays(DAYS + 1L)) && set.on().isBefore(today))
                .collect(Collectors.groupingBy(SetDone::on, TreeMap::new, Collectors.summingInt(this::contacts)));
        return byDay.values().stream().mapToInt(Integer::intValue).max().orElse(0);
    }

    /** Of what the library does not know any more none are counted. */
    private int contacts(SetDone set) {
        return course.activities().stream()
                .filter(activity -> activity.id().equals(set.role().activity()))
                .filter(Activity.Exercise.class::isInstance)
                .map(Activity.Exercise.class::cast)
                .findFirst()
                .map(exercise -> contacts(set, exercise))
                .orElse(0);
    }

    private static int contacts(SetDone set, Activity.Exercise exercise) {
        Counted counted = exercise.dose().aim().counted();
        if (counted == Counted.CONTACTS) {
            return set.amount();
        }
        return exercise.roles().stream()
                .filter(role -> role.key().equals(set.role()))
                .flatMap(role -> role.demands().stream())
                .mapToInt(demand -> perAmount(demand, counted, exercise) * set.amount())
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
