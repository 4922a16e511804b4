package waypost.core.progression;

import java.util.Optional;
import waypost.core.exercise.Counted;

/**
 * Three clean repetitions open the next stage; runs are repetitions within one session and capped there, of anything else
 * three clean sessions are asked (running stages: Hickey et al. 2020, from memory).
 */
final class Stages implements ProgressionRule {

    static final int CLEAN = 3;

    @Override
    public Step next(Task task) {
        Optional<Ground> pained = task.pained();
        if (pained.isPresent()) {
            return task.step(Way.RUNG_BEFORE, task.usual(), pained.get());
        }
        boolean runs = task.usual().aim().counted() == Counted.RUNS;
        int clean = runs
                ? task.last().total()
                : task.cleanRunning(task.usual().aim().bottom());
        Ground reached = new Ground.Reached(clean, CLEAN);
        return clean >= CLEAN
                ? task.step(Way.NEXT_RUNG, task.usual(), reached)
                : task.step(Way.SAME, task.now(), reached);
    }
}
