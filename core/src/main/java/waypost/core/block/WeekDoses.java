package waypost.core.block;

import java.time.DayOfWeek;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import waypost.core.body.Tissue;
import waypost.core.course.Course;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Dose;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.log.WorkLog;
import waypost.core.prescription.DayKind;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.Prescriptions;
import waypost.core.prescription.Week;
import waypost.core.progression.Balance;
import waypost.core.progression.GroundContacts;
import waypost.core.protocol.Frequency;

/** What each exercise of a course asks on a day: as it is prescribed, or as the library has it. */
public final class WeekDoses {

    private final Course course;
    private final Prescriptions written;
    private final Balance balance;
    private final GroundContacts ground;

    public WeekDoses(Course course, Prescriptions written) {
        this.course = course;
        this.written = written;
        this.balance = new Balance(course.activities(), WorkLog.NONE);
        this.ground = new GroundContacts(course);
    }

    /** The kinds of days that its dose names; none for every day. */
    Set<DayKind> days(RoleKey role) {
        return written.of(role).map(Prescription::days).orElse(Set.of());
    }

    /** On how many days of a week its dose asks it; empty for every day. */
    OptionalInt daysAWeek(RoleKey role) {
        Optional<Frequency> often = written.of(role).flatMap(Prescription::often);
        if (often.isEmpty()) {
            return exercise(role).dose().daysAWeek();
        }
        boolean isOnSomeDays =
                often.get().per() == Frequency.Per.WEEK && often.get().times() < Week.DAYS;
        return isOnSomeDays ? OptionalInt.of(often.get().times()) : OptionalInt.empty();
    }

    /** Where an exercise comes by {@link Spread}; empty for every day, and where its dose says the kinds of days itself. */
    public Optional<Set<DayOfWeek>> spread(RoleKey role, Week week) {
        OptionalInt times = daysAWeek(role);
        if (times.isEmpty() || !days(role).isEmpty()) {
            return Optional.empty();
        }
        boolean isStrength = exercise(role).purpose() == Purpose.STRENGTH;
        return Optional.of(
                new Spread(week).days(times.getAsInt(), isStrength, !hard(role).isEmpty()));
    }

    /** What the gate says on a day of the exercise as it is prescribed, or as the library has it. */
    Verdict verdict(Standing standing, RoleKey role) {
        return written.of(role)
                .map(dose -> standing.verdict(
                        dose.dose().asked(exercise(role), exercise(role).role(role))))
                .orElseGet(() -> standing.verdict(role));
    }

    /** Whether less of it is open than was prescribed; what the library asks is cut to what is open as a matter of course. */
    boolean isLess(Verdict verdict) {
        return written.of(verdict.role()).isPresent() && verdict.reducedTo().isPresent();
    }

    /** The tissues that it works hard. */
    Set<Tissue> hard(RoleKey role) {
        return balance.hard(role);
    }

    /** The ground contacts of one day of it. */
    int contacts(RoleKey role) {
        Dose usual = exercise(role).dose();
        int asked = written.of(role)
                .map(dose -> dose.dose().sets() * dose.dose().aim().most())
                .orElse(usual.sets() * usual.aim().most());
        return contacts(role, asked);
    }

    /** The ground contacts of so much of it. */
    int contacts(RoleKey role, int amount) {
        return ground.of(role, amount);
    }

    private Activity.Exercise exercise(RoleKey role) {
        return course.exercise(role.activity());
    }
}
