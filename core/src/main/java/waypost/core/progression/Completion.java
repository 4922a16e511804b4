package waypost.core.progression;

import java.util.Optional;

/**
 * Up when all sets, three as a rule, are done within the range at acceptable pain (Hickey et al. 2020, from memory); down
 * when the pain rule is broken.
 */
final class Completion implements ProgressionRule {

    @Override
    public Step next(Task task) {
        Optional<Ground> pained = task.pained();
        if (pained.isPresent()) {
            return task.lighter(pained.get());
        }
        Optional<Ground> stay = WithinRange.down(task).or(() -> WithinRange.stay(task));
        return stay.map(why -> task.step(Way.SAME, task.now(), why))
                .orElseGet(() -> task.heavier(new Ground.Reached(1, 1)));
    }
}
