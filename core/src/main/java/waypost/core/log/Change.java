package waypost.core.log;

import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.exercise.RoleKey;
import waypost.core.limit.Allowed;
import waypost.core.limit.Limit;

/** One thing that an order changes: an activity or a limit gets a new value. */
public sealed interface Change {

    /** The same; one that bars by name bars what was made from it too. */
    default Change barringAlso(Map<String, Set<String>> made) {
        return this;
    }

    /** A limit of the protocol allows something else. */
    record NewValue<T>(Limit<T> limit, Allowed<T> allowed) implements Change {}

    /** A role of an exercise or test counts as covered and open, as far as the limits let it. */
    record Opens(RoleKey role) implements Change {}

    /** Activities are barred. */
    record Bars(Set<String> activities) implements Change {
        public Bars {
            activities = Set.copyOf(activities);
        }

        @Override
        public Change barringAlso(Map<String, Set<String>> made) {
            return new Bars(activities.stream()
                    .flatMap(id -> Stream.concat(Stream.of(id), made.getOrDefault(id, Set.of()).stream()))
                    .collect(Collectors.toSet()));
        }
    }

    /** A duty, such as wearing a brace, no longer binds. */
    record Ends(String duty) implements Change {}
}
