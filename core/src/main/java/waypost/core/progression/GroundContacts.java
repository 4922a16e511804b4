package waypost.core.progression;

import java.util.Optional;
import waypost.core.course.Course;
import waypost.core.demand.Demand;
import waypost.core.demand.RunningSteps;
import waypost.core.exercise.Counted;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.prescription.WorkingDose;

/** How often a foot meets the ground hard: in skips, hops and jumps, and in the steps of a run. */
public record GroundContacts(Course course) {

    /**
     * In so much of an exercise.
     *
     * @param amount as its sets are counted: contacts, runs or minutes
     * @return 0 for what has none, and for what the library does not know any more
     */
    public int of(RoleKey role, int amount) {
        return hops(role, amount) + steps(role, amount);
    }

    /** Of these the ones that are limited as ground contacts. */
    int hops(RoleKey role, int amount) {
        return asked(role, amount)
                .flatMap(asked -> asked.demands().stream()
                        .filter(Demand.Contacts.class::isInstance)
                        .map(demand -> ((Demand.Contacts) demand).count().number())
                        .max(Integer::compare))
                .orElseGet(() -> counted(role)
                        .filter(Counted.CONTACTS::equals)
                        .map(told -> amount)
                        .orElse(0));
    }

    /** Of these the ones that are limited as steps of running. */
    int steps(RoleKey role, int amount) {
        return asked(role, amount)
                .flatMap(asked -> asked.demands().stream()
                        .filter(RunningSteps.class::isInstance)
                        .map(demand -> ((RunningSteps) demand).count().number())
                        .max(Integer::compare))
                .orElse(0);
    }

    private Optional<Role> asked(RoleKey key, int amount) {
        if (amount < 1) {
            return Optional.empty();
        }
        return course.findExercise(key.activity())
                .flatMap(exercise -> exercise.roles().stream()
                        .filter(role -> role.key().equals(key))
                        .findFirst()
                        .map(role -> {
                            WorkingDose usual = WorkingDose.usual(exercise, role);
                            return usual.inSets(1)
                                    .at(Math.min(amount, SetAim.LARGEST))
                                    .asked(exercise, role);
                        }));
    }

    private Optional<Counted> counted(RoleKey key) {
        return course.findExercise(key.activity())
                .map(exercise -> exercise.dose().aim().counted());
    }
}
