package waypost.core.protocol;

import java.util.Set;
import waypost.core.limit.Allowed;
import waypost.core.limit.RuleHead;
import waypost.core.time.Moment;
import waypost.core.time.Schedule;

/** What must be worn, done, begun or reached. A duty never opens anything. */
public sealed interface Duty {

    RuleHead head();

    <R> R accept(Visitor<R> visitor);

    /**
     * Something to wear or use, changing in steps.
     *
     * @param item what is worn; rules on one item with different settings conflict
     * @param schedule what it is set to; free when it is no longer needed
     * @param whenUnknown whether this setting serves while the answer that decides is not known
     */
    record Wear(RuleHead head, String item, Schedule<Allowed<String>> schedule, boolean whenUnknown) implements Duty {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.wear(this);
        }
    }

    /**
     * An activity to be done at least so often.
     *
     * @param schedule how often, such as "10 a day"; free when it no longer binds
     */
    record Practise(RuleHead head, String activity, Schedule<Allowed<Frequency>> schedule, String otherwise)
            implements Duty {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.practise(this);
        }
    }

    /**
     * One of these activities must have begun by a day: rest for too long does harm.
     *
     * @param otherwise what follows when it has not
     */
    record Begin(RuleHead head, Set<String> activities, Moment by, String otherwise) implements Duty {
        public Begin {
            activities = Set.copyOf(activities);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.begin(this);
        }
    }

    /**
     * A criterion to be met by a day.
     *
     * @param otherwise what follows when it is not
     */
    record Reach(RuleHead head, String criterion, Moment by, String otherwise) implements Duty {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.reach(this);
        }
    }

    /** Answers once for each kind of duty. */
    interface Visitor<R> {
        R wear(Wear duty);

        R practise(Practise duty);

        R begin(Begin duty);

        R reach(Reach duty);
    }
}
