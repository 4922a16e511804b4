package waypost.core.progression;

import java.util.Optional;
import waypost.core.log.Response;
import waypost.core.log.Response.Soreness;

/**
 * By when the joint is sore (University of Delaware soreness rules, from memory): in warm-up and it stays, or gone and
 * back again: two days off and one level down; in warm-up and gone: stay; the day after: one day off, do not advance;
 * none: one level a week.
 *
 * @param daysALevel without soreness on a level
 */
record SorenessRules(int daysALevel) implements ProgressionRule {

    @Override
    public Step next(Task task) {
        Soreness soreness = task.last().response().map(Response::soreness).orElse(Soreness.NONE);
        Ground sore = new Ground.Sore(soreness);
        return switch (soreness) {
            case WARM_UP_AND_STAYED, WENT_AND_CAME_BACK -> off(task, task.lighter(sore), 2);
            case DAY_AFTER -> off(task, task.step(Way.SAME, task.now(), sore), 1);
            case WARM_UP_THEN_GONE -> task.step(Way.SAME, task.now(), sore);
            case NONE -> free(task);
        };
    }

    private static Step off(Task task, Step step, int days) {
        return new Step(step.way(), step.dose(), step.why(), task.last().on().plusDays(days + 1L));
    }

    private Step free(Task task) {
        Optional<Ground> pained = task.pained();
        if (pained.isPresent()) {
            return task.lighter(pained.get());
        }
        Optional<Ground> stay = WithinRange.stay(task);
        int days = task.daysOnLevel(bout -> 0);
        Ground level = new Ground.DaysOnLevel(days, daysALevel);
        return stay.isPresent() || days < daysALevel
                ? task.step(Way.SAME, task.now(), stay.orElse(level))
                : task.heavier(level);
    }
}
