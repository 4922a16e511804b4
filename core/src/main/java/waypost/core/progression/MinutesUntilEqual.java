package waypost.core.progression;

import java.util.Optional;
import waypost.core.log.Bout;

/**
 * A little more every day or two as it is tolerated, at most three times the usual; when the milestone is met the
 * exercise is switched off by the protocol (common practice, no source).
 *
 * @param wantedDays on a level at least
 */
record MinutesUntilEqual(int wantedDays) implements ProgressionRule {

    private static final int MOST_TIMES = 3;

    @Override
    public Step next(Task task) {
        int least = task.usual().aim().least();
        int more = task.usual().aim().counted().step();
        int level = Math.max(1, task.last().leastAmount());
        Optional<Ground> pained = task.pained();
        if (pained.isPresent()) {
            return level - more < Math.min(least, level)
                    ? task.step(Way.RUNG_BEFORE, task.now().at(Math.max(1, Math.min(least, level))), pained.get())
                    : task.step(Way.DOWN, task.now().at(Math.max(1, level - more)), pained.get());
        }
        Optional<Ground> stay = WithinRange.stay(task);
        int days = task.daysOnLevel(Bout::leastAmount);
        Ground grown = new Ground.DaysOnLevel(days, wantedDays);
        int most = MOST_TIMES * task.usual().aim().most();
        return stay.isPresent() || days < wantedDays || level >= most
                ? task.step(Way.SAME, task.now().at(Math.min(level, most)), stay.orElse(grown))
                : task.step(Way.UP, task.now().at(Math.min(most, level + more)), grown);
    }
}
