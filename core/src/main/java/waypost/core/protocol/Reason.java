package waypost.core.protocol;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Demand.Bearing;
import waypost.core.demand.Demand.Movement;
import waypost.core.demand.Demand.Strain;
import waypost.core.demand.Demand.TissueLoad;
import waypost.core.demand.Level;
import waypost.core.demand.Loading;
import waypost.core.time.CourseDay;

/** Why something is not simply open: data, compared by value; the words are made elsewhere. */
public sealed interface Reason {

    /** The verdict that this reason alone would give. */
    VerdictKind kind();

    /** The day on which time alone changes this reason, if one is written. */
    default Optional<CourseDay> changesOn() {
        return Optional.empty();
    }

    <R> R accept(Visitor<R> visitor);

    /** A limit is exceeded; barred unless the exercise can be cut down to what is allowed. */
    sealed interface Exceeded extends Reason {

        Provenance rule();

        Optional<CourseDay> until();

        /** Whether it can be cut; what has no measure to cut by can't. */
        default boolean reducible() {
            return false;
        }

        @Override
        default VerdictKind kind() {
            return reducible() ? VerdictKind.OPEN_WITH_LIMIT : VerdictKind.BARRED;
        }

        @Override
        default Optional<CourseDay> changesOn() {
            return until();
        }
    }

    /** Something that has to come first has not come. */
    sealed interface NotYet extends Reason {

        @Override
        default VerdictKind kind() {
            return VerdictKind.NOT_YET;
        }
    }

    /** An arc leaves what a {@link MotionLimit} allows. */
    record MotionExceeded(
            Provenance rule, Movement asked, Allowed<Arc> allowed, Optional<CourseDay> until, boolean reducible)
            implements Exceeded {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.motion(this);
        }
    }

    /** A movement works against more than a {@link LoadingLimit} allows. */
    record LoadingExceeded(
            Provenance rule, Movement asked, Allowed<Loading> allowed, Optional<CourseDay> until, boolean reducible)
            implements Exceeded {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.loading(this);
        }
    }

    /** A tissue would be worked harder than a {@link TissueLimit} allows. */
    record TissueExceeded(Provenance rule, TissueLoad asked, Allowed<Level> allowed, Optional<CourseDay> until)
            implements Exceeded {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.tissue(this);
        }
    }

    /** The limb would carry more than a {@link BearingLimit} allows. */
    record BearingExceeded(
            Provenance rule, Bearing asked, Allowed<BodyShare> allowed, Optional<CourseDay> until, boolean reducible)
            implements Exceeded {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.bearing(this);
        }
    }

    /** More impact or twisting than a {@link StrainLimit} allows. */
    record StrainExceeded(Provenance rule, Strain asked, Allowed<Level> allowed, Optional<CourseDay> until)
            implements Exceeded {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.strain(this);
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

    /** The protocol is silent on this, or silent under an answer that is still possible. */
    record NotCovered(String protocol, List<String> unanswered) implements Reason {
        @Override
        public VerdictKind kind() {
            return VerdictKind.NOT_COVERED;
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.notCovered(this);
        }
    }

    /** Too early. */
    record BeforeDay(Provenance rule, CourseDay opens, String written) implements NotYet {
        @Override
        public Optional<CourseDay> changesOn() {
            return Optional.of(opens);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.beforeDay(this);
        }
    }

    /** The phase that it belongs to has not been signed. */
    record PhaseNotSigned(Provenance rule, Phase wanted, Phase signed) implements NotYet {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.phase(this);
        }
    }

    /** A milestone that it needs is not met. */
    record MilestoneNotMet(Provenance rule, Criterion criterion) implements NotYet {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.milestone(this);
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

    /** It needs range that nobody has measured, or not lately enough ({@code lastOn}). */
    record RangeUnknown(Motion motion, Degrees needed, Optional<LocalDate> lastOn, int validDays) implements NotYet {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.rangeUnknown(this);
        }
    }

    /** Answers once for each kind of reason. */
    interface Visitor<R> {
        R motion(MotionExceeded reason);

        R loading(LoadingExceeded reason);

        R tissue(TissueExceeded reason);

        R bearing(BearingExceeded reason);

        R strain(StrainExceeded reason);

        R onHold(OnHold reason);

        R notCovered(NotCovered reason);

        R beforeDay(BeforeDay reason);

        R phase(PhaseNotSigned reason);

        R milestone(MilestoneNotMet reason);

        R rangeShort(RangeShort reason);

        R rangeUnknown(RangeUnknown reason);
    }
}
