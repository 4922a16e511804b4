package waypost.core.progression;

import java.util.Optional;
import waypost.core.log.Bout;

/**
 * A colour up after at least a week on it, at the top of the range in good form; a colour down when form is lost or the
 * pain rule is broken (common practice, no source).
 *
 * @param wantedDays on a colour at least
 */
record BandLadder(int wantedDays) implements ProgressionRule {

    @Override
    public Step next(Task task) {
        Bout last = task.last();
        Optional<Ground> down = task.painedOrLost();
        if (down.isPresent()) {
            return task.lighter(down.get());
        }
        int top = task.usual().aim().most();
        Optional<Ground> stay = WithinRange.stay(task)
                .or(() -> last.leastAmount() < top
                        ? Optional.of(new Ground.InRange(last.leastAmount(), top))
                        : Optional.empty());
        if (stay.isPresent()) {
            return task.step(Way.SAME, task.now(), stay.get());
        }
        int days = task.daysOnLevel(bout -> 0);
        Ground level = new Ground.DaysOnLevel(days, wantedDays);
        return days < wantedDays ? task.step(Way.SAME, task.now(), level) : task.heavier(level);
    }
}
