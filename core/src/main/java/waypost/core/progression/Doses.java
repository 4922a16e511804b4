package waypost.core.progression;

import java.util.List;
import java.util.Optional;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Counted;
import waypost.core.exercise.Dose;
import waypost.core.exercise.Progression;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.log.Bout;
import waypost.core.log.Response;
import waypost.core.log.WorkLog;
import waypost.core.prescription.GoesOnBy;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.Prescriptions;
import waypost.core.prescription.WorkingDose;

/**
 * The doses from which a rule goes on: the usual one, the first one, and what was done last.
 *
 * @param work what was done before the standing's day
 * @param written the doses that go before the library's
 * @param ruled how much pain a set may give where no therapist allows less
 */
record Doses(Standing standing, WorkLog work, Prescriptions written, PainLimit ruled) {

    /** How much pain a set of a role may give. */
    PainLimit pain(RoleKey role) {
        return written.of(role)
                .map(Prescription::painMost)
                .filter(most -> most.isPresent() && most.getAsInt() < ruled.most())
                .map(most -> new PainLimit(most.getAsInt(), PainLimit.From.PRESCRIPTION))
                .orElse(ruled);
    }

    /** What was done of a role since its dose was written, or ever. */
    List<Bout> bouts(RoleKey role) {
        List<Bout> ever = work.bouts(role);
        return written.of(role).map(dose -> dose.since().bouts(ever)).orElse(ever);
    }

    /** What was done of a role last, or with what somebody begins. */
    WorkingDose last(RoleKey role) {
        List<Bout> bouts = bouts(role);
        if (!bouts.isEmpty()) {
            return asDoneLast(task(role, bouts));
        }
        WorkingDose first = first(role);
        return work.bouts(role).isEmpty()
                        || !first.isMoreThan(really(role), exercise(role).setUps())
                ? first
                : really(role);
    }

    /** The sets, amount, load and set-up of the last time, whatever was asked then. */
    WorkingDose really(RoleKey role) {
        List<Bout> ever = work.bouts(role);
        WorkingDose last = asDoneLast(task(role, ever));
        Bout bout = ever.get(ever.size() - 1);
        WorkingDose done =
                last.inSets(Math.min(Dose.MOST_SETS, bout.sets().size())).at(Math.max(1, bout.leastAmount()));
        return done.holding(bout.load());
    }

    /** What a rule says of the bout before a dose was written, when how that bout was answered was not known yet. */
    Optional<Step> answeredSince(RoleKey role, Prescription dose) {
        return dose.since().sameDay(work.bouts(role)).flatMap(bout -> {
            Task task = task(role, List.of(bout));
            return task.answered().map(task::lighter);
        });
    }

    /** What is to be dosed of a role that was done. */
    Task task(RoleKey role, List<Bout> bouts) {
        return new Task(usual(role), exercise(role).setUps(), bouts, work.bouts(role), pain(role), standing.date());
    }

    /** Where the joint was sore after running or jumping, the soreness rules go before the exercise's own. */
    ProgressionRule rule(RoleKey role, Task task) {
        boolean sore = task.last()
                .response()
                .map(response -> response.soreness() != Response.Soreness.NONE)
                .orElse(false);
        if (sore && role(role).hasImpact()) {
            return ProgressionRule.named(GoesOnBy.usual(Progression.SORENESS_RULES));
        }
        GoesOnBy own = GoesOnBy.usual(exercise(role).progression());
        GoesOnBy by = written.of(role).map(Prescription::goesOnBy).orElse(own);
        ProgressionRule rule = ProgressionRule.named(by);
        return own.rule() == Progression.CONTACTS && by.rule() != Progression.CONTACTS
                ? ContactsByWeek.over(rule, by.shareOfContacts())
                : rule;
    }

    /** A dose that was written and not done since, within the week's share where contacts are counted. */
    Step begun(RoleKey role, Prescription dose, WorkingDose whole) {
        Ground why = new Ground.Prescribed(dose.since().day());
        Task task = task(role, work.bouts(role));
        return exercise(role).progression() == Progression.CONTACTS
                ? new ContactsByWeek(dose.goesOnBy().shareOfContacts())
                        .capped(task, Way.PRESCRIBED, whole.aim().most(), why)
                : new Step(Way.PRESCRIBED, whole, why, standing.date());
    }

    /** The load and amount of the last bout, in the usual number of sets. */
    static WorkingDose asDoneLast(Task task) {
        WorkingDose now = task.now();
        int amount = Math.max(1, task.last().leastAmount());
        return now.aim().counted() == Counted.REPS && now.aim().most() >= amount ? now : now.at(amount);
    }

    /** With what somebody begins: as prescribed; else the usual dose on the lightest load. */
    WorkingDose first(RoleKey key) {
        return written.of(key).isPresent() ? usual(key) : usual(key).lightest(role(key));
    }

    /** The dose as prescribed, else the library's, cut to what the gate leaves of it today. */
    WorkingDose usual(RoleKey key) {
        WorkingDose usual =
                written.of(key).map(Prescription::dose).orElseGet(() -> WorkingDose.usual(exercise(key), role(key)));
        return standing.verdict(key)
                .reducedTo()
                .map(open -> usual.within(exercise(key), open))
                .orElse(usual);
    }

    /** Whether it is run, hopped or jumped. */
    boolean hasImpact(RoleKey role) {
        return role(role).hasImpact();
    }

    private Activity.Exercise exercise(RoleKey key) {
        return standing.course().exercise(key.activity());
    }

    private Role role(RoleKey key) {
        return standing.course().role(key);
    }
}
