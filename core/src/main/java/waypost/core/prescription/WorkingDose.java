package waypost.core.prescription;

import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.demand.Demand;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;
import waypost.core.demand.RunningSteps;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.Arrangements;
import waypost.core.exercise.Counted;
import waypost.core.exercise.Dose;
import waypost.core.exercise.Role;
import waypost.core.exercise.SetAim;

/**
 * A dose to be done: sets, what each aims at, what is held, and how it is set up.
 *
 * @param sets 1 to 20
 * @param setUp empty where the exercise is set up in one way only
 */
public record WorkingDose(int sets, SetAim aim, Optional<Load> load, Arrangement setUp) {

    public WorkingDose(int sets, SetAim aim, Optional<Load> load) {
        this(sets, aim, load, Arrangement.UNSAID);
    }

    public WorkingDose {
        if (sets < 1 || sets > Dose.MOST_SETS) {
            throw new IllegalArgumentException("sets: found " + sets + ", allowed: 1 to " + Dose.MOST_SETS);
        }
    }

    /** The usual dose with the load that a role is written with, set up as usual. */
    public static WorkingDose usual(Activity.Exercise exercise, Role role) {
        Dose dose = exercise.dose();
        return new WorkingDose(
                dose.sets(), dose.aim(), heldIn(role), exercise.setUps().usual());
    }

    private static Optional<Load> heldIn(Role role) {
        return role.demands().stream()
                .filter(Demand.Held.class::isInstance)
                .map(demand -> ((Demand.Held) demand).load())
                .findFirst();
    }

    public WorkingDose at(int amount) {
        return aiming(aim.at(amount));
    }

    /** This with another aim of each set. */
    public WorkingDose aiming(SetAim other) {
        return new WorkingDose(sets, other, load, setUp);
    }

    /** This with at most so much in each set. */
    public WorkingDose noMoreThan(int amount) {
        return aim.most() > amount ? at(amount) : this;
    }

    /** This with the lightest load of its kind: nobody is begun on the load that a catalogue names. */
    public WorkingDose lightest(Role role) {
        return load.map(held -> with(role.reducible()
                        .load()
                        .filter(least -> least.unit() == held.unit() && least.compareTo(held) < 0)
                        .orElseGet(() -> LoadStep.first(held))))
                .orElse(this);
    }

    public WorkingDose with(Load other) {
        return new WorkingDose(sets, aim, Optional.of(other), setUp);
    }

    /** This with what was held, or with nothing. */
    public WorkingDose holding(Optional<Load> held) {
        return new WorkingDose(sets, aim, held, setUp);
    }

    /** This set up otherwise. */
    public WorkingDose in(Arrangement other) {
        return new WorkingDose(sets, aim, load, other);
    }

    /** Whether anything of it is more than in another: what is held, how much in all, or a harder set-up. */
    public boolean isMoreThan(WorkingDose other, Arrangements setUps) {
        boolean heavier = load.isPresent()
                && other.load
                        .map(held ->
                                held.unit() != load.get().unit() || load.get().compareTo(held) > 0)
                        .orElse(true);
        return heavier || total() > other.total() || setUps.isHarder(setUp, other.setUp);
    }

    /** This in so many sets. */
    public WorkingDose inSets(int number) {
        return new WorkingDose(number, aim, load, setUp);
    }

    /** This with so many percent of its load; of what can't be cut so, of the amount of a clock or of the sets. */
    public WorkingDose lowered(int percent) {
        if (load.isPresent() && load.get().unit() != LoadUnit.BAND_STEP) {
            double amount = Math.floor(load.get().amount() * percent / 100 * 2) / 2;
            return with(new Load(amount, load.get().unit()));
        }
        if (aim.counted().isTime() || aim.counted() == Counted.CONTACTS) {
            return at(Math.max(1, aim.most() * percent / 100));
        }
        if (load.isPresent() && load.get().amount() > 1) {
            return with(new Load(load.get().amount() - 1, LoadUnit.BAND_STEP));
        }
        return sets > 1 ? inSets(Math.max(1, sets * percent / 100)) : at(Math.max(1, aim.most() * percent / 100));
    }

    /** A role of an exercise as it is asked by this dose: its set-up, its load, its ground contacts, its minutes. */
    public Role asked(Activity.Exercise exercise, Role role) {
        Role so = setUp.equals(exercise.setUps().usual())
                ? role
                : exercise.in(setUp).role(role.key());
        return new DoseOfRole(this).asked(so, exercise.dose());
    }

    /** This cut to what a reduced form of a role leaves of its load, contacts and minutes. */
    public WorkingDose within(Activity.Exercise exercise, Role reduced) {
        return new DoseOfRole(this).within(reduced, exercise);
    }

    /** Whether an open form of a role leaves the dose that was asked: its load, its contacts and its steps. */
    public static boolean isLeft(Role asked, Role open) {
        return dosed(asked).toList().equals(dosed(open).toList());
    }

    private static Stream<Demand> dosed(Role role) {
        return role.demands().stream()
                .filter(demand -> demand instanceof Demand.Held
                        || demand instanceof Demand.Contacts
                        || demand instanceof RunningSteps);
    }

    /** How much all sets together count at most. */
    public int total() {
        return sets * aim.most();
    }

    /** With at most so much in all sets together, in fewer sets where there is not one for each. */
    public WorkingDose totalling(int most) {
        if (total() <= most) {
            return this;
        }
        return most >= sets ? at(most / sets) : at(1).inSets(Math.max(1, most));
    }
}
