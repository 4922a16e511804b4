package waypost.core.compare;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;
import waypost.core.time.CourseDay;

/**
 * Days on which two courses differ in one thing, always in the same way.
 *
 * @param until the first day on which they no longer differ so; empty when they do to the end
 * @param what how they differ
 */
public record Stretch<T>(CourseDay from, Optional<CourseDay> until, T what) {

    /** Whether it lasts beyond the day before this one. */
    boolean reaches(CourseDay day) {
        return until.map(end -> end.compareTo(day) > 0).orElse(true);
    }

    /** Stretches of one thing, gathered day by day. */
    static final class Run<T> {

        private final BiPredicate<T, T> same;
        private final List<Stretch<T>> ended = new ArrayList<>();
        private Optional<Stretch<T>> running = Optional.empty();

        Run(BiPredicate<T, T> same) {
            this.same = same;
        }

        /** How they differ from {@code day} on; empty when they do not. */
        void on(CourseDay day, Optional<T> what) {
            if (running.isPresent()) {
                Stretch<T> one = running.get();
                if (what.isPresent() && same.test(one.what, what.get())) {
                    return;
                }
                ended.add(new Stretch<>(one.from, Optional.of(day), one.what));
            }
            running = what.map(now -> new Stretch<>(day, Optional.empty(), now));
        }

        List<Stretch<T>> stretches() {
            List<Stretch<T>> all = new ArrayList<>(ended);
            running.ifPresent(all::add);
            return all;
        }
    }
}
