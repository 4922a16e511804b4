package waypost.core.progression;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.DayKind;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.Prescriptions;
import waypost.core.prescription.Week;

/** What therapists wrote for a course: doses, and what the weekdays are for. */
public record Prescribed(Prescriptions doses, Week week) {

    public static final Prescribed NOTHING = new Prescribed(Prescriptions.NONE, Week.UNSAID);

    /** The rest until the next day that it is meant for; empty where it may be done, or the week has no such day. */
    Optional<Proposal.Rest> otherDay(RoleKey role, LocalDate date) {
        Set<DayKind> meant = doses.of(role).map(Prescription::days).orElse(Set.of());
        return meant.isEmpty()
                ? Optional.empty()
                : week.nextOf(meant, date)
                        .filter(next -> next.isAfter(date))
                        .map(next -> new Proposal.Rest(
                                role,
                                next,
                                List.of(new Ground.OtherDay(
                                        meant, week.kindOf(date).orElseThrow()))));
    }
}
