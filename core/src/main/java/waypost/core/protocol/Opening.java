package waypost.core.protocol;

import java.util.List;
import java.util.Optional;
import waypost.core.exercise.RoleKey;
import waypost.core.question.Condition;
import waypost.core.time.Moment;

/**
 * Says that the protocol covers a role of an exercise or test, and from when. There is no default: what has no opening
 * is not covered.
 *
 * @param cases what is needed under which answers; all cases that may apply are needed
 */
public record Opening(RoleKey role, List<Case> cases) {

    /**
     * @param phase id of the phase that must have been signed, if any
     * @param milestones ids of criteria that must be met
     */
    public record Case(Condition when, Moment from, Optional<String> phase, List<String> milestones) {
        public Case {
            milestones = List.copyOf(milestones);
        }
    }

    public Opening {
        cases = List.copyOf(cases);
    }
}
