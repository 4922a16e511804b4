package waypost.core.progression;

import java.util.Optional;

/**
 * Up when every set reaches the top of the range within the pain rule, two sessions running; down when a set falls under
 * the range or the pain rule is broken (common practice, no source).
 *
 * @param sessions running that have to reach the top
 */
record DoubleProgression(int sessions) implements ProgressionRule {

    @Override
    public Step next(Task task) {
        Optional<Ground> down = WithinRange.down(task);
        if (down.isPresent()) {
            return task.lighter(down.get());
        }
        Optional<Ground> stay = WithinRange.stay(task);
        if (stay.isPresent()) {
            return task.step(Way.SAME, task.now(), stay.get());
        }
        int top = task.usual().aim().most();
        int running = task.cleanRunning(top);
        if (running >= sessions) {
            return task.heavier(new Ground.Reached(running, sessions));
        }
        return task.step(
                Way.SAME,
                task.now(),
                running > 0
                        ? new Ground.Reached(running, sessions)
                        : new Ground.InRange(task.last().leastAmount(), top));
    }
}
