package waypost.core.protocol;

import java.util.List;
import waypost.core.time.Moment;

/**
 * A stretch of the way.
 *
 * @param earliest no advance into it before this
 * @param expected where most stand by then; feeds "behind", never the gate
 * @param leave ids of the criteria to be met before the next phase
 */
public record Phase(String id, String title, List<String> goals, Moment earliest, Moment expected, List<String> leave) {

    public Phase {
        goals = List.copyOf(goals);
        leave = List.copyOf(leave);
    }
}
