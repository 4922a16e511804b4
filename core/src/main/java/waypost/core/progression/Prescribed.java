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

/**
 * What therapists wrote for a course: doses, and what the weekdays are for.
 *
 * @param event so near that strength tapers
 */
public record Prescribed(Prescriptions doses, Week week, Optional<Ground.EventNear> event) {

    public static final Prescribed NOTHING = new Prescribed(Prescriptions.NONE, Week.UNSAID);

    /** Where nobody trains for an event that is near. */
    public Prescribed(Prescriptions doses, Week week) {
        this(doses, week, Optional.empty());
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
