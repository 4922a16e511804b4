package waypost.core.reason;

import java.time.LocalDate;
import java.util.Optional;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;
import waypost.core.criterion.Criterion;
import waypost.core.limit.Provenance;
import waypost.core.protocol.Phase;
import waypost.core.time.CourseDay;

/** Something that has to come first has not come. */
public sealed interface NotYet extends Reason {

    @Override
    default VerdictKind kind() {
        return VerdictKind.NOT_YET;
    }

    /** Too early. */
    record BeforeDay(Provenance rule, CourseDay opens, String written) implements NotYet {
        @Override
        public Optional<CourseDay> changesOn() {
            return Optional.of(opens);
        }

        @Override
        public Optional<String> ruleId() {
            return Optional.of(rule.ruleId());
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.beforeDay(this);
        }
    }

    /** It counts on a clock that has not started. */
    record ClockNotStarted(Provenance rule, String clock, String written) implements NotYet {
        @Override
        public Optional<String> ruleId() {
            return Optional.of(rule.ruleId());
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.clockNotStarted(this);
        }
    }

    /** The phase that it belongs to has not been signed. */
    record PhaseNotSigned(Provenance rule, Phase wanted, Phase signed) implements NotYet {
        @Override
        public Optional<String> ruleId() {
            return Optional.of(rule.ruleId());
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.phase(this);
        }
    }

    /**
     * A milestone that it needs is not met.
     *
     * @param regardless the day from which it is no longer needed, if one is written
     */
    record MilestoneNotMet(Provenance rule, Criterion criterion, Optional<CourseDay> regardless) implements NotYet {
        @Override
        public Optional<CourseDay> changesOn() {
            return regardless;
        }

        @Override
        public Optional<String> ruleId() {
            return Optional.of(rule.ruleId());
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.milestone(this);
        }
    }

    /** It needs range that nobody has measured, or not lately enough ({@code lastOn}). */
    record RangeUnknown(Motion motion, Degrees needed, Optional<LocalDate> lastOn, int validDays) implements NotYet {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.rangeUnknown(this);
        }
    }
}
