package waypost.core.progression;

import java.util.Optional;
import waypost.core.exercise.Counted;
import waypost.core.log.Bout;

/**
 * A few seconds more after at least two days on a level; the wanted seconds in every direction, at least ten, open the
 * next position. Pain afterwards: back to the level before, for two days at least (common
 * practice, no source).
 *
 * @param wantedDays on a level at least
 */
record HoldLadder(int wantedDays) implements ProgressionRule {

    private static final int SECONDS_MORE = 2;
    private static final int WANTED_SECONDS = 10;

    @Override
    public Step next(Task task) {
        boolean byClock = task.usual().aim().counted() == Counted.SECONDS;
        int more = byClock ? SECONDS_MORE : 1;
        int wanted = byClock
                ? Math.max(WANTED_SECONDS, task.usual().aim().most())
                : task.usual().aim().most();
        int least = task.usual().aim().least();
        int level = Math.min(wanted, task.last().leastAmount());
        Optional<Ground> down = task.pained();
        if (down.isPresent()) {
            return level - more < Math.min(least, level)
                    ? task.step(Way.RUNG_BEFORE, task.now().at(least), down.get())
                    : task.step(Way.DOWN, task.now().at(level - more), down.get());
        }
        Optional<Ground> stay = WithinRange.stay(task);
        if (stay.isPresent()) {
            return task.step(Way.SAME, task.now().at(Math.max(1, level)), stay.get());
        }
        int days = task.daysOnLevel(Bout::leastAmount);
        if (days < wantedDays) {
            return task.step(Way.SAME, task.now().at(Math.max(1, level)), new Ground.DaysOnLevel(days, wantedDays));
        }
        return level >= wanted
                ? task.step(Way.NEXT_RUNG, task.now().at(level), new Ground.Reached(1, 1))
                : task.step(
                        Way.UP,
                        task.now().at(Math.min(wanted, level + more)),
                        new Ground.DaysOnLevel(days, wantedDays));
    }
}
