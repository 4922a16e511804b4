package waypost.core.block;

import waypost.core.body.Tissue;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;

/** What comes of an exercise on a day of a week. */
public sealed interface DaySays {

    <R> R accept(Visitor<R> visitor);

    /** Whether it loads the body on that day. */
    boolean isWorked();

    /** Whether it can't be as it is planned. */
    default boolean isBroken() {
        return !isWorked();
    }

    /** How often a foot meets the ground hard in it. */
    default int contacts(RoleKey role, WeekDoses doses) {
        return isWorked() ? doses.contacts(role) : 0;
    }

    /**
     * It was done, as its sets say.
     *
     * @param amount of all of them together
     */
    record Done(int sets, int amount) implements DaySays {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.done(this);
        }

        @Override
        public boolean isWorked() {
            return true;
        }

        @Override
        public int contacts(RoleKey role, WeekDoses doses) {
            return doses.contacts(role, amount);
        }
    }

    /** The gate has it open by time alone. */
    record Open() implements DaySays {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.open();
        }

        @Override
        public boolean isWorked() {
            return true;
        }
    }

    /** The gate opens it only if phases and milestones come as planned. */
    record IfToPlan() implements DaySays {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.ifToPlan();
        }

        @Override
        public boolean isWorked() {
            return true;
        }
    }

    /**
     * It is open, with less than its dose asks.
     *
     * @param verdict with what limits it
     */
    record Less(Verdict verdict) implements DaySays {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.less(this);
        }

        @Override
        public boolean isWorked() {
            return true;
        }

        @Override
        public boolean isBroken() {
            return true;
        }
    }

    /** The gate closes it, also if all goes to plan. */
    record Closed(Verdict verdict) implements DaySays {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.closed(this);
        }

        @Override
        public boolean isWorked() {
            return false;
        }
    }

    /** Open, and it rests: the day before works the same tissue hard. */
    record Rests(Tissue tissue, RoleKey because) implements DaySays {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.rests(this);
        }

        @Override
        public boolean isWorked() {
            return false;
        }
    }

    /** Its purpose is reached: it is no longer asked. */
    record Finished() implements DaySays {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.finished();
        }

        @Override
        public boolean isWorked() {
            return false;
        }

        @Override
        public boolean isBroken() {
            return false;
        }
    }

    /** Handles each. */
    interface Visitor<R> {
        R done(Done says);

        R open();

        R ifToPlan();

        R less(Less says);

        R closed(Closed says);

        R rests(Rests says);

        R finished();
    }
}
