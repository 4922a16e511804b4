package waypost.core.reason;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;
import waypost.core.demand.Demand;
import waypost.core.limit.Allowed;
import waypost.core.limit.Limit;
import waypost.core.limit.Provenance;
import waypost.core.log.Event;
import waypost.core.log.Hold;
import waypost.core.protocol.HoldRule;
import waypost.core.time.CourseDay;

/** Why something is not simply open: data, compared by value; the words are made elsewhere. */
public sealed interface Reason
        permits NotYet,
                Uncovered,
                Reason.Exceeded,
                Reason.OnHold,
                Reason.NotLookedAfter,
                Reason.InOtherCourse,
                Reason.NoCommonForm,
                Reason.AfterHold,
                Reason.SetUpNeeded,
                Reason.RangeShort {

    /** The verdict that this reason alone would give. */
    VerdictKind kind();

    /** The day on which time alone changes this reason, if one is written. */
    default Optional<CourseDay> changesOn() {
        return Optional.empty();
    }

    /** The id of the rule behind it; empty when no single rule speaks. */
    default Optional<String> ruleId() {
        return Optional.empty();
    }

    <R> R accept(Visitor<R> visitor);

    /**
     * A limit is exceeded; barred unless the exercise can be cut down to what is allowed.
     *
     * @param asked the demand that exceeds it
     * @param until the day on which time changes what is allowed
     * @param orOnceMet criteria that would change it sooner
     * @param reducible whether the exercise stays open in a reduced form
     * @param onlyWith the set-up under which the limit does not hold, where the exercise can be done in it
     */
    record Exceeded<T>(
            Provenance rule,
            Limit<T> limit,
            Demand asked,
            Allowed<T> allowed,
            Optional<CourseDay> until,
            List<String> orOnceMet,
            boolean reducible,
            Optional<String> onlyWith)
            implements Reason {

        @Override
        public VerdictKind kind() {
            return reducible ? VerdictKind.OPEN_WITH_LIMIT : VerdictKind.BARRED;
        }

        @Override
        public Optional<CourseDay> changesOn() {
            return until;
        }

        @Override
        public Optional<String> ruleId() {
            return Optional.of(rule.ruleId());
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.exceeded(this);
        }
    }

    /** All work is on hold. */
    record OnHold(Hold hold) implements Reason {
        @Override
        public VerdictKind kind() {
            return VerdictKind.ON_HOLD;
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.onHold(this);
        }
    }

    /** Something happened to the limb that nobody has looked after yet. */
    record NotLookedAfter(Event event) implements Reason {
        @Override
        public VerdictKind kind() {
            return VerdictKind.ON_HOLD;
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.notLookedAfter(this);
        }
    }

    /**
     * Another course of the same person speaks.
     *
     * @param reason what it says; its days are told on that course's own count
     */
    record InOtherCourse(OtherCourse course, Reason reason) implements Reason {
        @Override
        public VerdictKind kind() {
            return reason.kind();
        }

        @Override
        public Optional<String> ruleId() {
            return reason.ruleId();
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.inOtherCourse(this);
        }
    }

    /** Each course would allow a form of its own, and none of these forms serves them all. */
    record NoCommonForm(List<OtherCourse> courses) implements Reason {
        public NoCommonForm {
            courses = List.copyOf(courses);
        }

        @Override
        public VerdictKind kind() {
            return VerdictKind.BARRED;
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.noCommonForm(this);
        }
    }

    /** A hold has ended and the dose begins again lower. */
    record AfterHold(Hold hold, HoldRule rule, LocalDate until) implements Reason {
        @Override
        public VerdictKind kind() {
            return VerdictKind.OPEN_WITH_LIMIT;
        }

        @Override
        public Optional<String> ruleId() {
            return Optional.of(rule.id());
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.afterHold(this);
        }
    }

    /** It must be set up in a certain way. */
    record SetUpNeeded(Provenance rule, String way, Optional<CourseDay> until) implements Reason {
        @Override
        public VerdictKind kind() {
            return VerdictKind.OPEN_WITH_LIMIT;
        }

        @Override
        public Optional<CourseDay> changesOn() {
            return until;
        }

        @Override
        public Optional<String> ruleId() {
            return Optional.of(rule.ruleId());
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.setUpNeeded(this);
        }
    }

    /** It needs range that is not there. */
    record RangeShort(Motion motion, Degrees needed, Degrees found, LocalDate measuredOn, boolean reducible)
            implements Reason {
        @Override
        public VerdictKind kind() {
            return reducible ? VerdictKind.OPEN_WITH_LIMIT : VerdictKind.NOT_YET;
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.rangeShort(this);
        }
    }

    /** Answers once for each kind of reason. */
    interface Visitor<R> {
        R exceeded(Exceeded<?> reason);

        R onHold(OnHold reason);

        R notLookedAfter(NotLookedAfter reason);

        R inOtherCourse(InOtherCourse reason);

        R noCommonForm(NoCommonForm reason);

        R afterHold(AfterHold reason);

        R notCovered(Uncovered.NotCovered reason);

        R asksBesides(Uncovered.AsksBesides reason);

        R asksMore(Uncovered.AsksMore reason);

        R setUpNeeded(SetUpNeeded reason);

        R setUpUnclear(Uncovered.SetUpUnclear reason);

        R beforeDay(NotYet.BeforeDay reason);

        R over(Uncovered.Over reason);

        R clockNotStarted(NotYet.ClockNotStarted reason);

        R phase(NotYet.PhaseNotSigned reason);

        R milestone(NotYet.MilestoneNotMet reason);

        R rangeShort(RangeShort reason);

        R rangeUnknown(NotYet.RangeUnknown reason);
    }
}
