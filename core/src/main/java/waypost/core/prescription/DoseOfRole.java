package waypost.core.prescription;

import java.util.Optional;
import waypost.core.demand.Count;
import waypost.core.demand.Demand;
import waypost.core.demand.Lasting;
import waypost.core.demand.RunningSteps;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Counted;
import waypost.core.exercise.Dose;
import waypost.core.exercise.Role;

/** What a dose makes of the demands of a role, and what is left of the dose when demands are cut. */
record DoseOfRole(WorkingDose dose) {

    /** A role as it is set up, with the load, contacts and minutes of the dose. */
    Role asked(Role role, Dose usual) {
        Role asked = role;
        for (int at = 0; at < role.demands().size(); at++) {
            asked = asked.replacing(at, asked(role.demands().get(at), usual));
        }
        return asked;
    }

    private Demand asked(Demand demand, Dose usual) {
        if (demand instanceof Demand.Held held
                && dose.load().map(load -> load.unit() == held.load().unit()).orElse(false)) {
            return new Demand.Held(held.limb(), dose.load().get());
        }
        if (demand instanceof Demand.Contacts contacts) {
            return new Demand.Contacts(
                    counts(Counted.CONTACTS) ? new Count(dose.total()) : scaled(contacts.count(), usual));
        }
        if (demand instanceof RunningSteps steps) {
            return counts(Counted.MINUTES)
                    ? steps.lasting(dose.total())
                    : new RunningSteps(scaled(steps.count(), usual), steps.perMinute());
        }
        return demand instanceof Lasting && counts(Counted.MINUTES)
                ? new Lasting(new Count(dose.aim().most()))
                : demand;
    }

    private boolean counts(Counted counted) {
        return dose.aim().counted() == counted;
    }

    /** What is written for the usual dose, for this one; rounded up, since it is held against a limit. */
    private Count scaled(Count written, Dose usual) {
        int whole = usual.sets() * usual.aim().most();
        long asked = ((long) written.number() * dose.total() + whole - 1) / whole;
        return new Count((int) Math.min(Count.MOST, asked));
    }

    /** The dose cut to what a reduced form of the role leaves. */
    WorkingDose within(Role reduced, Activity.Exercise exercise) {
        WorkingDose cut = dose;
        for (Demand demand : reduced.demands()) {
            cut = new DoseOfRole(cut).within(demand, reduced, exercise);
        }
        return cut;
    }

    private WorkingDose within(Demand demand, Role reduced, Activity.Exercise exercise) {
        if (demand instanceof Demand.Held held) {
            boolean heavier = dose.load()
                    .map(load -> load.unit() == held.load().unit() && load.compareTo(held.load()) > 0)
                    .orElse(false);
            return heavier ? dose.with(held.load()) : dose;
        }
        if (demand instanceof Demand.Contacts contacts) {
            int left = contacts.count().number();
            return dose.totalling(
                    counts(Counted.CONTACTS)
                            ? left
                            : share(
                                    left,
                                    written(exercise.role(reduced.key()), Demand.Contacts.class),
                                    exercise.dose()));
        }
        if (demand instanceof RunningSteps steps) {
            int left = steps.count().number();
            return dose.totalling(
                    counts(Counted.MINUTES)
                            ? left / Math.max(1, steps.perMinute().number())
                            : share(left, written(exercise.role(reduced.key()), RunningSteps.class), exercise.dose()));
        }
        return demand instanceof Lasting lasting && counts(Counted.MINUTES)
                ? dose.noMoreThan(Math.max(1, lasting.minutes().number()))
                : dose;
    }

    /** How many contacts or steps the role is written with. */
    private static Optional<Integer> written(Role role, Class<? extends Demand> kind) {
        return role.demands().stream()
                .filter(kind::isInstance)
                .map(demand -> demand instanceof RunningSteps steps
                        ? steps.count().number()
                        : ((Demand.Contacts) demand).count().number())
                .findFirst();
    }

    /** How much of the exercise so many contacts or steps leave. */
    private int share(int left, Optional<Integer> written, Dose usual) {
        int whole = usual.sets() * usual.aim().most();
        return written.filter(number -> number > 0)
                .map(number -> (int) ((long) left * whole / number))
                .orElse(dose.total());
    }
}
