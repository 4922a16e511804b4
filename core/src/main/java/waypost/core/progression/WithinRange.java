package waypost.core.progression;

import java.util.Optional;
import waypost.core.exercise.Counted;
import waypost.core.log.Bout;
import waypost.core.log.SetDone;

/** What speaks against going on at a dose that is done in sets within a range. */
final class WithinRange {

    private WithinRange() {}

    /** Down: pain over the rule, form lost, or a set under the range. */
    static Optional<Ground> down(Task task) {
        Bout last = task.last();
        int bottom = task.usual().aim().bottom();
        return task.painedOrLost()
                .or(() -> last.leastAmount() < bottom
                        ? Optional.of(new Ground.UnderRange(last.leastAmount(), bottom))
                        : Optional.empty());
    }

    /** Stay: fewer or more sets than asked, or another part of the body helped. */
    static Optional<Ground> stay(Task task) {
        Bout last = task.last();
        if (last.sets().size() < task.usual().sets()) {
            return Optional.of(
                    new Ground.FewerSets(last.sets().size(), task.usual().sets()));
        }
        if (last.sets().size() > task.usual().sets() && task.usual().aim().counted() != Counted.RUNS) {
            return Optional.of(
                    new Ground.MoreSets(last.sets().size(), task.usual().sets()));
        }
        return last.worstForm() == SetDone.Form.COMPENSATED
                ? Optional.of(new Ground.FormNotGood(false))
                : Optional.empty();
    }
}
