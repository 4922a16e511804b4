package waypost.core.gate;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import waypost.core.body.Side;
import waypost.core.log.Event;
import waypost.core.log.Hold;
import waypost.core.measure.Readings;
import waypost.core.protocol.Phase;
import waypost.core.reason.Reason;
import waypost.core.time.CourseDay;

/**
 * What is known of one course when something is judged.
 *
 * @param day the clinical day that is asked about
 * @param known the date up to which readings count and to which their age is counted
 * @param phase the phase signed by then
 * @param met ids of the criteria that are met
 * @param holds the holds in force
 * @param afterHolds holds that ended lately and ask for a lower dose
 * @param unlooked events that close work until somebody looks after them
 * @param assumeRange for a look ahead in which all goes to plan: needed range is taken as there
 */
public record Facts(
        CourseDay day,
        LocalDate known,
        Side side,
        Phase phase,
        Set<String> met,
        List<Hold> holds,
        List<Reason.AfterHold> afterHolds,
        List<Event> unlooked,
        Readings readings,
        boolean assumeRange) {

    public Facts {
        met = Set.copyOf(met);
        holds = List.copyOf(holds);
        afterHolds = List.copyOf(afterHolds);
        unlooked = List.copyOf(unlooked);
    }

    /** The same facts on another day. */
    public Facts on(CourseDay other) {
        return new Facts(other, known, side, phase, met, holds, afterHolds, unlooked, readings, assumeRange);
    }

    /** Whether nothing has happened that speaks beside the rules: no hold, none that ended lately, no event left alone. */
    boolean isQuiet() {
        return holds.isEmpty() && afterHolds.isEmpty() && unlooked.isEmpty();
    }
}
