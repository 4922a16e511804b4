package waypost.core.protocol;

import java.util.List;
import java.util.Optional;
import waypost.core.demand.Demand;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.time.CourseDay;
import waypost.core.time.Schedule;

/**
 * A rule that takes something away for a window. Limits compose by being together: each is asked on its own, so one
 * more never opens anything.
 *
 * @param <T> the quantity that is limited
 */
public sealed interface Limit<T> permits MotionLimit, LoadingLimit, TissueLimit, BearingLimit, StrainLimit {

    RuleHead head();

    Schedule<Allowed<T>> schedule();

    /** Whether this looks at {@code demand} of {@code role} at all. */
    boolean concerns(Demand demand, Role role);

    /** Whether {@code demand}, which this concerns, stays within what is allowed. */
    boolean respected(Demand demand, Allowed<T> allowed);

    /** The demand cut down to what is allowed; empty when it can't be, or not above its least useful amount. */
    Optional<Demand> reduced(Demand demand, Allowed<T> allowed, Reducible by);

    /** What this looks at. Limits with equal subjects limit the same quantity and can be compared. */
    Subject subject();

    /** Whether {@code other} allows everything that {@code mine} allows. */
    default boolean asStrict(Allowed<T> mine, Allowed<T> other) {
        if (mine instanceof Allowed.Nothing<T> || other.isFree()) {
            return true;
        }
        return mine.most()
                .flatMap(inner -> other.most().map(outer -> within(inner, outer)))
                .orElse(false);
    }

    /** Whether the bound {@code inner} lies within the bound {@code outer}. */
    boolean within(T inner, T outer);

    /** The objection as data. */
    Reason objection(Objection<T> objection);

    <R> R accept(Visitor<R> visitor);

    /**
     * What a limit found against a demand.
     *
     * @param until the day on which what is allowed changes; empty when no change is written
     * @param reducible whether the exercise stays open in a reduced form
     */
    record Objection<T>(
            Provenance from, Demand asked, Allowed<T> allowed, Optional<CourseDay> until, boolean reducible) {}

    /** A kind of limit with what narrows it, compared by value. */
    record Subject(Class<?> kind, List<Object> narrowedTo) {
        static Subject of(Limit<?> limit, Object... narrowedTo) {
            return new Subject(limit.getClass(), List.of(narrowedTo));
        }
    }

    /** Answers once for each kind of limit. */
    interface Visitor<R> {
        R motion(MotionLimit limit);

        R loading(LoadingLimit limit);

        R tissue(TissueLimit limit);

        R bearing(BearingLimit limit);

        R strain(StrainLimit limit);
    }
}
