package waypost.core.limit;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import waypost.core.exercise.Role;
import waypost.core.time.Schedule;

/**
 * A rule that takes something away for a window. Limits compose by being together: each is asked on its own, so one
 * more never opens anything.
 *
 * @param <T> the quantity that is limited
 */
public sealed interface Limit<T> permits MotionLimit, CombinedLimit, AmountLimit, PostureLimit, ActivityLimit {

    RuleHead head();

    Schedule<Allowed<T>> schedule();

    /** What this can look at at all, for a quick look before {@link #concerns}. */
    Sought sought();

    /** Whether this looks at the demand at this place of the role, exceptions left aside. */
    boolean concerns(Role role, int at);

    /** Whether the demand at this place, which this concerns, stays within what is allowed. */
    boolean respected(Role role, int at, Allowed<T> allowed);

    /**
     * The role cut down to what is allowed, in every way in which it can be; none when it can't be, or not above its
     * least useful amount.
     */
    List<Role> reductions(Role role, int at, Allowed<T> allowed);

    /** The same; one that bars by name bars what was made from what it names too. */
    default Limit<T> alsoOf(Map<String, Set<String>> made) {
        return this;
    }

    /** What this looks at, compared by value: limits with equal subjects limit the same quantity. */
    Object subject();

    /** Whether the bound {@code inner} lies within the bound {@code outer}. */
    boolean within(T inner, T outer);

    <R> R accept(Visitor<R> visitor);

    /** Whether its last step allows everything. */
    default boolean endsFree() {
        List<Schedule.Entry<Allowed<T>>> steps = schedule().entries();
        return steps.get(steps.size() - 1).value().isFree();
    }

    /** Whether the role is named as an exception, or is done in a set-up under which this does not hold. */
    default boolean excepts(Role role) {
        return head().exempt().contains(role.key().activity()) || !Collections.disjoint(head().unless(), role.setUps());
    }

    /** Whether {@code other} allows everything that {@code mine} allows. */
    default boolean asStrict(Allowed<T> mine, Allowed<T> other) {
        if (mine instanceof Allowed.Nothing<T> || other.isFree()) {
            return true;
        }
        return mine.most()
                .flatMap(inner -> other.most().map(outer -> within(inner, outer)))
                .orElse(false);
    }

    /** Answers once for each kind of limit. */
    interface Visitor<R> {
        R motion(MotionLimit limit);

        R combined(CombinedLimit limit);

        R amount(AmountLimit<?> limit);

        R posture(PostureLimit limit);

        R activity(ActivityLimit limit);
    }
}
