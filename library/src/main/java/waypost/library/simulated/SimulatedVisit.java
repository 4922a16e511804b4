package waypost.library.simulated;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import waypost.core.course.Standing;
import waypost.core.followup.VisitAdvice;
import waypost.core.log.SetDone;
import waypost.core.progression.DayOfWork;
import waypost.core.progression.Proposal;
import waypost.core.safety.CheckIn;

/**
 * One visit as it went.
 *
 * @param stopped whether a red flag ended it before any work
 */
public record SimulatedVisit(
        LocalDate date,
        CheckIn said,
        Standing standing,
        DayOfWork day,
        List<Proposal> proposed,
        List<SetDone> done,
        VisitAdvice advice,
        boolean stopped) {

    public SimulatedVisit {
        proposed = List.copyOf(proposed);
        done = List.copyOf(done);
    }

    /** What was proposed to be done. */
    public Stream<Proposal.Do> toDo() {
        return proposed.stream().flatMap(proposal -> proposal.toDo().stream());
    }

    /** How many things are told: what is behind, home work to be talked about, a brake on the day. */
    int told() {
        return advice.behind().size()
                + (advice.asksForATalk() ? 1 : 0)
                + (day.brake().isPresent() ? 1 : 0);
    }
}
