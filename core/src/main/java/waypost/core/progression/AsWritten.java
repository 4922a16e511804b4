package waypost.core.progression;

import java.util.Optional;
import waypost.core.prescription.LoadStep;
import waypost.core.prescription.WorkingDose;

/**
 * Stays as it was prescribed. Lighter after pain over the rule or lost form, and then back to what was prescribed one load
 * a session (common practice, no source).
 */
final class AsWritten implements ProgressionRule {

    @Override
    public Step next(Task task) {
        Optional<Ground> down = task.painedOrLost();
        if (down.isPresent()) {
            return task.lighter(down.get());
        }
        WorkingDose written = task.usual();
        return written.load()
                .flatMap(whole -> task.last()
                        .load()
                        .filter(last -> last.unit() == whole.unit() && last.compareTo(whole) < 0)
                        .flatMap(LoadStep::up)
                        .map(more -> more.compareTo(whole) < 0 ? more : whole))
                .map(more -> task.step(Way.UP, written.with(more), new Ground.AsWritten()))
                .orElseGet(() -> task.step(Way.SAME, written, new Ground.AsWritten()));
    }
}
