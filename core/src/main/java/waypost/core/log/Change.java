package waypost.core.log;

import java.util.Set;
import waypost.core.exercise.RoleKey;
import waypost.core.limit.Allowed;
import waypost.core.limit.Limit;

/** One thing that an order changes: an activity or a limit gets a new value. */
public sealed interface Change {

    /** A limit of the protocol allows something else. */
    record NewValue<T>(Limit<T> limit, Allowed<T> allowed) implements Change {}

    /** A role of an exercise or test counts as covered and open, as far as the limits let it. */
    record Opens(RoleKey role) implements Change {}

    /** Activities are barred. */
    record Bars(Set<String> activities) implements Change {
        public Bars {
            activities = Set.copyOf(activities);
        }
    }

    /** A duty, such as wearing a brace, no longer binds. */
    record Ends(String duty) implements Change {}
}
