package waypost.app.work;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import waypost.app.plan.CurrentPlan;
import waypost.app.rack.Signs;
import waypost.app.store.LoadedCourse;
import waypost.app.store.SetRow;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;
import waypost.core.log.WorkLog;
import waypost.core.progression.DayOfWork;
import waypost.core.progression.Proposals;
import waypost.core.safety.CheckIn;
import waypost.library.words.BandNames;
import waypost.library.words.ProgressionWords;
import waypost.library.words.Words;

/** Everything that is known of a day's work. */
public record DayOfVisit(
        LoadedCourse course,
        Standing standing,
        List<SetRow> sets,
        WorkLog log,
        Optional<CheckIn> said,
        DayOfWork day,
        CurrentPlan plan,
        BandNames bands) {

    public LocalDate date() {
        return standing.date();
    }

    public Proposals proposals() {
        return new Proposals(standing, log, day);
    }

    public Signs signs() {
        return new Signs(standing);
    }

    public ProgressionWords words() {
        return new ProgressionWords(Words.of(standing.course().resolved()), signs()::title);
    }

    /** Today's sets of a role, in the order done. */
    public List<SetRow> today(RoleKey role) {
        return sets.stream()
                .filter(set -> set.doneOn().equals(date()) && set.key().equals(role))
                .toList();
    }
}
