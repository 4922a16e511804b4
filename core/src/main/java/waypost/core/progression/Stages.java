package waypost.core.progression;

import java.util.Optional;
import waypost.core.exercise.Counted;
import waypost.core.log.SetDone;
import waypost.core.prescription.WorkingDose;

/**
 * Three clean repetitions open the next stage; runs are repetitions within one session and capped there, of anything else
 * three clean sessions are asked (running stages: Hickey et al. 2020, from memory).
 *
 * @param needed clean repetitions that open the next stage
 */
record Stages(int needed) implements ProgressionRule {

    @Override
    public Step next(Task task) {
        boolean runs = task.usual().aim().counted() == Counted.RUNS;
        Optional<Ground> down = task.painedOrLost();
        if (down.isPresent()) {
            return task.step(Way.RUNG_BEFORE, noMoreThanDone(task), down.get());
        }
        if (runs && task.last().worstForm() != SetDone.Form.GOOD) {
            return task.step(Way.SAME, task.now(), new Ground.FormNotGood(false));
        }
        int clean = runs
                ? task.last().total()
                : task.cleanRunning(task.usual().aim().bottom());
        Ground reached = new Ground.Reached(clean, needed);
        return clean >= needed
                ? task.step(Way.NEXT_RUNG, task.usual(), reached)
                : task.step(Way.SAME, task.now(), reached);
    }

    /** After pain never more than what gave it. */
    private static WorkingDose noMoreThanDone(Task task) {
        int done = Math.max(1, task.last().leastAmount());
        return task.usual().noMoreThan(done);
    }
}
