package waypost.core.home;

import waypost.core.gate.Verdict;
import waypost.core.prescription.WorkingDose;

/** What comes of an exercise at home on a day. */
public sealed interface HomeSays {

    <R> R accept(Visitor<R> visitor);

    /** Whether the patient does it on that day. */
    default boolean isDue() {
        return this instanceof Due;
    }

    /**
     * It is done.
     *
     * @param dose what is open of the line's dose on that day
     * @param verdict open, or open in a certain way
     */
    record Due(WorkingDose dose, Verdict verdict) implements HomeSays {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.due(this);
        }
    }

    /** It rests on that weekday. */
    record Rests() implements HomeSays {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.rests(this);
        }
    }

    /**
     * The gate closes it, or would leave less of it than was written.
     *
     * @param verdict with what closes it
     * @param together whether it would be open alone, and only the whole day asks too much
     */
    record Closed(Verdict verdict, boolean together) implements HomeSays {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.closed(this);
        }
    }

    /** Answers once for each. */
    interface Visitor<R> {
        R due(Due says);

        R rests(Rests says);

        R closed(Closed says);
    }
}
