package waypost.core.protocol;

import java.util.Set;
import waypost.core.limit.Allowed;
import waypost.core.limit.RuleHead;
import waypost.core.time.Schedule;

/**
 * How activities must be set up: a raised seat, a towel roll, which way to turn.
 *
 * @param activities ids of the activities it is about
 * @param concern what it settles, such as "turning"; rules on one concern with different ways conflict
 * @param schedule the way, in words; free when it no longer matters
 * @param whenUnknown whether this way serves while the answer that decides is not known
 */
public record SetUp(
        RuleHead head,
        Set<String> activities,
        String concern,
        Schedule<Allowed<String>> schedule,
        boolean whenUnknown) {
    public SetUp {
        activities = Set.copyOf(activities);
    }
}
