package waypost.core.progression;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;
import waypost.core.course.Course;
import waypost.core.demand.Count;
import waypost.core.demand.Demand;
import waypost.core.demand.RunningSteps;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Counted;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.log.WorkLog;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.WorkingDose;

/**
 * What a day has had so far of what all its exercises add up to: ground contacts and steps of running, which limits count
 * over a session; runs over all stages; throws over all distances of a ladder. The clinic and home count together.
 */
public record SoFar(Course course, List<Portion> portions) {

    /**
     * So much of an exercise.
     *
     * @param amount as its sets are counted
     * @param where it was done
     */
    public record Portion(RoleKey role, int amount, Where where) {

        public static Portion atHome(RoleKey role, int amount) {
            return new Portion(role, amount, Where.HOME);
        }
    }

    /** Where something was done. */
    public enum Where {
        CLINIC,
        HOME
    }

    public SoFar {
        portions = List.copyOf(portions);
    }

    /** A day on which nothing was done yet. */
    public static SoFar nothing(Course course) {
        return new SoFar(course, List.of());
    }

    /** The sets of a day, and what else is known of it. */
    public static SoFar of(Course course, LocalDate day, WorkLog work, List<Portion> besides) {
        Stream<Portion> sets = work.sets().stream()
                .filter(set -> set.on().equals(day))
                .map(set -> new Portion(set.role(), set.amount(), Where.CLINIC));
        return new SoFar(course, Stream.concat(sets, besides.stream()).toList());
    }

    /** This and one portion more. */
    public SoFar and(Portion more) {
        return new SoFar(
                course, Stream.concat(portions.stream(), Stream.of(more)).toList());
    }

    /** What other exercises had, and this one elsewhere than in the clinic: its own sets there are part of its dose. */
    SoFar beside(RoleKey role) {
        return new SoFar(
                course,
                portions.stream()
                        .filter(each -> !each.role().equals(role) || each.where() == Where.HOME)
                        .toList());
    }

    /** How much of a role was done in the clinic, as its sets count. */
    int inTheClinic(RoleKey role) {
        return sum(each -> each.role().equals(role) && each.where() == Where.CLINIC ? each.amount() : 0);
    }

    /** The ground contacts of hops, jumps and runs. */
    public int contacts() {
        GroundContacts ground = new GroundContacts(course);
        return sum(each -> ground.hops(each.role(), each.amount()));
    }

    /** The steps of running. */
    public int steps() {
        GroundContacts ground = new GroundContacts(course);
        return sum(each -> ground.steps(each.role(), each.amount()));
    }

    private int sum(ToIntFunction<Portion> of) {
        return portions.stream().mapToInt(of).sum();
    }

    /** How often a foot met the ground, as it is told. */
    Ground.AlreadyToday ground() {
        GroundContacts ground = new GroundContacts(course);
        return already(Counted.CONTACTS, each -> ground.of(each.role(), each.amount()));
    }

    private Ground.AlreadyToday already(Counted counted, ToIntFunction<Portion> of) {
        return new Ground.AlreadyToday(
                counted, sum(of), sum(each -> each.where() == Where.HOME ? of.applyAsInt(each) : 0));
    }

    /** What a role asks of it. */
    static int ground(Role role) {
        return role.demands().stream()
                .mapToInt(demand -> demand instanceof Demand.Contacts contacts
                        ? contacts.count().number()
                        : demand instanceof RunningSteps steps ? steps.count().number() : 0)
                .sum();
    }

    /** A role as the gate has to look at it on top of this: what a limit counts over a session is added up. */
    public Role under(Role role) {
        return shifted(role, contacts(), steps());
    }

    /** The same back: what is left to a role of what the gate lets all together. */
    public Role above(Role whole) {
        return shifted(whole, -contacts(), -steps());
    }

    private static Role shifted(Role role, int contacts, int steps) {
        Role other = role;
        for (int at = 0; at < role.demands().size(); at++) {
            Demand demand = role.demands().get(at);
            if (demand instanceof Demand.Contacts own) {
                other = other.replacing(at, new Demand.Contacts(plus(own.count(), contacts)));
            } else if (demand instanceof RunningSteps own) {
                other = other.replacing(at, new RunningSteps(plus(own.count(), steps), own.perMinute()));
            }
        }
        return other;
    }

    private static Count plus(Count count, int more) {
        return new Count(Math.max(0, Math.min(Count.MOST, count.number() + more)));
    }

    /** How much of a dose is left by what is counted over all stages of a session; empty where nothing is. */
    Optional<WorkingDose> left(RoleKey role, WorkingDose dose) {
        int most = most(dose) - stages(role, dose.aim().counted()).amount();
        return most < 1 ? Optional.empty() : Optional.of(dose.totalling(most));
    }

    private static int most(WorkingDose dose) {
        return dose.aim().counted() == Counted.RUNS ? Prescription.MOST_RUNS : dose.total();
    }

    /** Runs on every stage; throws on every rung of the same ladder. */
    Ground.AlreadyToday stages(RoleKey role, Counted counted) {
        Optional<String> ladder = course.findExercise(role.activity()).map(Activity.Exercise::ladder);
        return already(
                counted,
                each -> course.findExercise(each.role().activity())
                                .filter(other -> counted == other.dose().aim().counted())
                                .filter(other -> counted == Counted.RUNS
                                        || counted == Counted.THROWS && ladder.equals(Optional.of(other.ladder())))
                                .isPresent()
                        ? each.amount()
                        : 0);
    }
}
