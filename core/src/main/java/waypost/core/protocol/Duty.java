package waypost.core.protocol;

import waypost.core.time.Moment;
import waypost.core.time.Schedule;

/** What must be worn or reached. A duty never opens anything. */
public sealed interface Duty {

    RuleHead head();

    /**
     * Something to wear or use, changing in steps.
     *
     * @param schedule what it is set to; free when it is no longer needed
     */
    record Wear(RuleHead head, Schedule<Allowed<String>> schedule) implements Duty {}

    /**
     * A criterion to be met by a day.
     *
     * @param otherwise what follows when it is not
     */
    record Reach(RuleHead head, String criterion, Moment by, String otherwise) implements Duty {}
}
