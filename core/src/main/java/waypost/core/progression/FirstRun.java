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
        GroundContacts contacts = new GroundContacts(course);
        Map<LocalDate, Integer> byDay = work.sets().stream()
                .filter(set ->
                        set.on().isAfter(today.minusDays(DAYS + 1L)) && set.on().isBefore(today))
                .collect(Collectors.groupingBy(
                        SetDone::on,
                        TreeMap::new,
                        Collectors.summingInt(set -> contacts.of(set.role(), set.amount()))));
        return byDay.values().stream().mapToInt(Integer::intValue).max().orElse(0);
    }
}
