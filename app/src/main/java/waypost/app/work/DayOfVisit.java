package waypost.app.work;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import waypost.app.band.Measured;
import waypost.app.plan.CurrentPlan;
import waypost.app.prescription.Written;
import waypost.app.rack.Signs;
import waypost.app.store.LoadedCourse;
import waypost.app.store.SetRow;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;
import waypost.core.log.WorkLog;
import waypost.core.safety.CheckIn;
import waypost.core.visit.Visit;
import waypost.library.words.BandNames;
import waypost.library.words.ProgressionWords;
import waypost.library.words.Words;

/**
 * A day of work as pages lay it out: what is decided, and the rows that it was decided from.
 *
 * @param sets every set of the course as it is kept
 * @param written what is prescribed, by role
 * @param tricks what works for the patient, by role
 * @param measured how hard the clinic's bands and springs pull
 * @param said what was said on coming in; empty before the check-in
 */
public record DayOfVisit(
        LoadedCourse course,
        Visit visit,
        List<SetRow> sets,
        Optional<CheckIn> said,
        CurrentPlan plan,
        Map<RoleKey, Written> written,
        Map<RoleKey, Card.Trick> tricks,
        BandNames bands,
        Measured measured,
        Signs signs) {

    public Standing standing() {
        return visit.standing();
    }

    public LocalDate date() {
        return standing().date();
    }

    /** What was done before today. */
    public WorkLog before() {
        return visit.work().upTo(date().minusDays(1));
    }

    public ProgressionWords words() {
        return new ProgressionWords(Words.of(standing().course().resolved()), signs::title);
    }

    /** Today's sets of a role, in the order done. */
    public List<SetRow> today(RoleKey role) {
        return sets.stream()
                .filter(set -> set.doneOn().equals(date()) && set.key().equals(role))
                .toList();
    }
}
