package waypost.core.progression;

import java.util.Optional;
import waypost.core.log.Bout;

/**
 * Five minutes more after two tolerated sessions, up to the top; what is harder only when the top was tolerated for a
 * week. A flare takes five minutes off (common practice, no source).
 *
 * @param sessions running that have to be tolerated
 */
record VolumeBeforeIntensity(int sessions) implements ProgressionRule {

    private static final int MORE = 5;
    private static final int DAYS = 7;

    @Override
    public Step next(Task task) {
        int least = task.usual().aim().least();
        int most = task.usual().aim().most();
        int more = Math.min(MORE, Math.max(1, most - least));
        int level = Math.max(1, Math.min(most, task.last().leastAmount()));
        Optional<Ground> pained = task.pained();
        if (pained.isPresent()) {
            return level - more < Math.min(least, level)
                    ? task.step(Way.RUNG_BEFORE, task.now().at(Math.min(least, level)), pained.get())
                    : task.step(Way.DOWN, task.now().at(level - more), pained.get());
        }
        if (level < most) {
            int running = task.cleanRunning(level);
            Ground reached = new Ground.Reached(running, sessions);
            return running >= sessions
                    ? task.step(Way.UP, task.now().at(Math.min(most, level + more)), reached)
                    : task.step(Way.SAME, task.now().at(level), reached);
        }
        int days = task.daysOnLevel(Bout::leastAmount);
        Ground week = new Ground.DaysOnLevel(days, DAYS);
        return days < DAYS || !task.isClean(task.last(), level)
                ? task.step(Way.SAME, task.now().at(level), week)
                : task.step(Way.NEXT_RUNG, task.now().at(level), week);
    }
}
