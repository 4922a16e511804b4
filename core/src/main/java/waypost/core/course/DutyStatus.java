package waypost.core.course;

import java.time.LocalDate;
import java.util.Optional;
import waypost.core.limit.Provenance;
import waypost.core.log.Hold;
import waypost.core.milestone.Milestone;
import waypost.core.protocol.Duty;
import waypost.core.protocol.Frequency;
import waypost.core.protocol.HoldRule;
import waypost.core.time.CourseDay;

/** A duty on a day. */
public sealed interface DutyStatus {

    /** The id of the rule that it comes from. */
    String ruleId();

    /** What it is called. */
    String title();

    /** Whether it is late: overdue is as loud as too early. */
    boolean overdue();

    /** Whether it asks for what today's limits do not let: a conflict to be asked about. */
    boolean conflict();

    <R> R accept(Visitor<R> visitor);

    /**
     * Something that must be worn, and what it is set to.
     *
     * @param conflict it goes by an answer that is not known, and no setting serves meanwhile
     */
    record Worn(Duty.Wear duty, Provenance from, String setting, Optional<CourseDay> until, boolean conflict)
            implements DutyStatus {
        @Override
        public String ruleId() {
            return from.ruleId();
        }

        @Override
        public String title() {
            return from.title();
        }

        @Override
        public boolean overdue() {
            return false;
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.worn(this);
        }
    }

    /** Something to be done at least so often. */
    record ToPractise(Duty.Practise duty, Provenance from, Frequency often, Optional<CourseDay> until, boolean conflict)
            implements DutyStatus {
        @Override
        public String ruleId() {
            return from.ruleId();
        }

        @Override
        public String title() {
            return from.title();
        }

        @Override
        public boolean overdue() {
            return false;
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.practise(this);
        }
    }

    /** Something that must have begun by a day. */
    record ToBegin(Duty.Begin duty, Provenance from, CourseDay by, boolean begun, boolean overdue, boolean conflict)
            implements DutyStatus {
        @Override
        public String ruleId() {
            return from.ruleId();
        }

        @Override
        public String title() {
            return from.title();
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.begin(this);
        }
    }

    /**
     * Something that must be reached by a day.
     *
     * @param overdue late and lacking: never measured, or the last value fell short, however old it is
     */
    record Due(Duty.Reach duty, Provenance from, CourseDay by, Milestone milestone, boolean overdue)
            implements DutyStatus {
        @Override
        public String ruleId() {
            return from.ruleId();
        }

        @Override
        public String title() {
            return from.title();
        }

        @Override
        public boolean conflict() {
            return false;
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.due(this);
        }
    }

    /** A hold that has lasted longer than holding does good. */
    record HeldTooLong(Hold hold, HoldRule rule, LocalDate since) implements DutyStatus {
        @Override
        public String ruleId() {
            return rule.id();
        }

        @Override
        public String title() {
            return "hold: " + hold.why();
        }

        @Override
        public boolean overdue() {
            return true;
        }

        @Override
        public boolean conflict() {
            return false;
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.heldTooLong(this);
        }
    }

    /** Answers once for each kind of status. */
    interface Visitor<R> {
        R worn(Worn status);

        R practise(ToPractise status);

        R begin(ToBegin status);

        R due(Due status);

        R heldTooLong(HeldTooLong status);
    }
}
