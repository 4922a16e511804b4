package waypost.core.progression;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.OnDays;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.Prescriptions;
import waypost.core.prescription.Week;
import waypost.core.program.Program;

/**
 * What therapists wrote for a course: doses, and what the weekdays are for.
 *
 * @param event so near that strength tapers
 * @param followed programs by which exercises go on, before their own rule
 */
public record Prescribed(Prescriptions doses, Week week, Optional<Ground.EventNear> event, List<Program> followed) {

    public static final Prescribed NOTHING = new Prescribed(Prescriptions.NONE, Week.UNSAID);

    public Prescribed {
        followed = List.copyOf(followed);
    }

    /** Where nobody trains for an event that is near. */
    public Prescribed(Prescriptions doses, Week week) {
        this(doses, week, Optional.empty(), List.of());
    }

    /** This with programs that the course follows. */
    public Prescribed following(List<Program> programs) {
        return new Prescribed(doses, week, event, programs);
    }

    /** The program by which a role goes on; empty where none has it, or a therapist wrote its own dose. */
    Optional<Program> program(RoleKey role) {
        return doses.of(role).isPresent()
                ? Optional.empty()
                : followed.stream()
                        .filter(program -> program.roles().contains(role))
                        .findFirst();
    }

    /** The rest until the next day that it is meant for; empty where it may be done, or the week has no such day. */
    Optional<Proposal.Rest> otherDay(RoleKey role, LocalDate date) {
        OnDays meant = week.daysOf(role, doses.of(role).map(Prescription::days).orElse(Set.of()));
        return meant.isOn(date, week)
                ? Optional.empty()
                : week.next(meant, date)
                        .map(next ->
                                new Proposal.Rest(role, next, List.of(new Ground.OtherDay(meant, week.kindOf(date)))));
    }
}
