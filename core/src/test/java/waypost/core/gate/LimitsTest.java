package waypost.core.gate;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.downTo;
import static waypost.core.gate.Fixture.from;
import static waypost.core.gate.Fixture.head;
import static waypost.core.gate.Fixture.sixWeeks;

import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import waypost.core.body.Arc;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Tissue;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Demand;
import waypost.core.demand.Level;
import waypost.core.demand.Loading;
import waypost.core.demand.StrainKind;
import waypost.core.demand.Support;
import waypost.core.exercise.Reducible;
import waypost.core.limit.Allowed;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.Circumstance;
import waypost.core.limit.LimbQuantity;
import waypost.core.limit.Limit;
import waypost.core.limit.MotionLimit;
import waypost.core.limit.Quantity;
import waypost.core.limit.RuleHead;
import waypost.core.question.Condition;
import waypost.core.reason.Reason;
import waypost.core.reason.VerdictKind;
import waypost.core.time.CourseDay;
import waypost.core.time.Schedule;

/** Each kind of limit at its bound, one below, one above, and outside its window. */
class LimitsTest {

    private static final Circumstance ANY_BEND = Circumstance.any(Motion.KNEE_FLEXION);

    private static MotionLimit atMost(String id, double most) {
        return new MotionLimit(head(id), ANY_BEND, sixWeeks(Allowed.within(Arc.between(-25, most))));
    }

    private static Limit<Level> effort(Tissue tissue, Set<Mode> modes, Schedule<Allowed<Level>> schedule) {
        return new AmountLimit<>(head("t"), new Quantity.Effort(tissue, modes, Set.of()), schedule);
    }

    private static Fixture open() {
        return new Fixture().open(from("day 0"));
    }

    @ParameterizedTest
    @CsvSource({"59,OPEN", "60,OPEN", "61,BARRED"})
    void motionIsBarredOneDegreeBeyondTheBoundWhenItCannotBeCut(double asked, VerdictKind kind) {
        assertThat(open().asking(bend(asked)).limit(atMost("m", 60)).on(10).kind())
                .isEqualTo(kind);
    }

    @Test
    void motionIsCutToTheBoundAndTheReasonCarriesBothNumbers() {
        Verdict verdict = open().asking(bend(75))
                .reducible(downTo(30))
                .limit(atMost("m", 60))
                .on(10);

        assertThat(verdict.kind()).isEqualTo(VerdictKind.OPEN_WITH_LIMIT);
        assertThat(verdict.reasons()).singleElement().isInstanceOfSatisfying(Reason.Exceeded.class, reason -> {
            assertThat(((Demand.Movement) reason.asked()).arc()).isEqualTo(Arc.between(0, 75));
            assertThat(reason.allowed()).isEqualTo(Allowed.within(Arc.between(-25, 60)));
            assertThat(reason.until()).contains(new CourseDay(42));
            assertThat(reason.rule().ruleId()).isEqualTo("m");
        });
        assertThat(verdict.reducedTo().orElseThrow().demands()).containsExactly(bend(60));
    }

    @ParameterizedTest
    @CsvSource({"29,BARRED", "30,OPEN_WITH_LIMIT", "31,OPEN_WITH_LIMIT"})
    void motionIsNotCutBelowItsLeastUsefulArc(double allowed, VerdictKind kind) {
        assertThat(open().asking(bend(75))
                        .reducible(downTo(30))
                        .limit(atMost("m", allowed))
                        .on(10)
                        .kind())
                .isEqualTo(kind);
    }

    @ParameterizedTest
    @CsvSource({"-1,OPEN", "0,BARRED", "41,BARRED", "42,OPEN"})
    void limitHoldsFromItsFirstDayUntilTheDayItEnds(int day, VerdictKind kind) {
        assertThat(new Fixture()
                        .open(from("day -30"))
                        .asking(bend(75))
                        .limit(atMost("m", 60))
                        .on(day)
                        .kind())
                .isEqualTo(kind);
    }

    @Test
    void emptyIntersectionIsBarredAndNamesBothRules() {
        MotionLimit atLeast70 = new MotionLimit(head("low"), ANY_BEND, sixWeeks(Allowed.within(Arc.between(70, 165))));
        Verdict verdict = open().asking(bend(100))
                .reducible(downTo(10))
                .limit(atMost("high", 60))
                .limit(atLeast70)
                .on(10);

        assertThat(verdict.kind()).isEqualTo(VerdictKind.BARRED);
        assertThat(verdict.reasons()).extracting(r -> r.ruleId().orElseThrow()).containsExactly("high", "low");
    }

    @Test
    void theStricterOfTwoCeilingsIsTheReducedForm() {
        Verdict verdict = open().asking(bend(100))
                .reducible(downTo(10))
                .limit(atMost("ninety", 90))
                .limit(atMost("sixty", 60))
                .on(10);

        assertThat(verdict.reducedTo().orElseThrow().demands()).containsExactly(bend(60));
    }

    @ParameterizedTest
    @EnumSource(Level.class)
    void tissueMayBeWorkedUpToItsLevelAndIsNeverCut(Level asked) {
        Verdict verdict = open().asking(
                        new Demand.TissueLoad(Tissue.CRUCIATE_GRAFT, asked, Mode.ACTIVE, Optional.empty()))
                .reducible(downTo(0))
                .limit(effort(Tissue.CRUCIATE_GRAFT, Set.of(), sixWeeks(Allowed.within(Level.LOW))))
                .on(10);

        assertThat(verdict.kind()).isEqualTo(asked.exceeds(Level.LOW) ? VerdictKind.BARRED : VerdictKind.OPEN);
    }

    @Test
    void tissueLimitLooksOnlyAtItsModes() {
        Limit<Level> noResisted = effort(Tissue.HAMSTRING, Set.of(Mode.RESISTED), sixWeeks(Allowed.nothing()));
        Fixture resisted =
                open().asking(new Demand.TissueLoad(Tissue.HAMSTRING, Level.LOW, Mode.RESISTED, Optional.empty()));
        Fixture active =
                open().asking(new Demand.TissueLoad(Tissue.HAMSTRING, Level.LOW, Mode.ACTIVE, Optional.empty()));

        assertThat(resisted.limit(noResisted).on(10).kind()).isEqualTo(VerdictKind.BARRED);
        assertThat(active.limit(noResisted).on(10).kind()).isEqualTo(VerdictKind.OPEN);
    }

    @ParameterizedTest
    @CsvSource({"49,OPEN", "50,OPEN", "51,OPEN_WITH_LIMIT", "400,OPEN_WITH_LIMIT"})
    void bearingIsCutToTheShareAllowed(double asked, VerdictKind kind) {
        Reducible byHand = new Reducible(
                Optional.empty(),
                Optional.empty(),
                Optional.of(BodyShare.ofPercent(30)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Set.of());
        Verdict verdict = open().asking(new Demand.Bearing(Limb.LEG, BodyShare.ofPercent(asked), Support.ONE))
                .reducible(byHand)
                .limit(new AmountLimit<>(
                        head("b"),
                        new LimbQuantity.Share(Limb.LEG, Optional.empty()),
                        sixWeeks(Allowed.within(BodyShare.ofPercent(50)))))
                .on(10);

        assertThat(verdict.kind()).isEqualTo(kind);
    }

    @ParameterizedTest
    @CsvSource({"29,BARRED", "30,OPEN_WITH_LIMIT"})
    void bearingIsNotCutBelowItsLeastUsefulShare(double allowed, VerdictKind kind) {
        Reducible byHand = new Reducible(
                Optional.empty(),
                Optional.empty(),
                Optional.of(BodyShare.ofPercent(30)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Set.of());
        assertThat(open().asking(new Demand.Bearing(Limb.LEG, BodyShare.ofPercent(100), Support.ONE))
                        .reducible(byHand)
                        .limit(new AmountLimit<>(
                                head("b"),
                                new LimbQuantity.Share(Limb.LEG, Optional.empty()),
                                sixWeeks(Allowed.within(BodyShare.ofPercent(allowed)))))
                        .on(10)
                        .kind())
                .isEqualTo(kind);
    }

    @ParameterizedTest
    @CsvSource({"NONE,OPEN", "OWN_WEIGHT,OPEN", "ADDED,OPEN_WITH_LIMIT"})
    void loadingIsLightenedToWhatIsAllowed(Loading asked, VerdictKind kind) {
        Reducible lighter = new Reducible(
                Optional.empty(),
                Optional.of(Loading.NONE),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Set.of());
        Verdict verdict = open().asking(bend(60).lightenedTo(asked))
                .reducible(lighter)
                .limit(new AmountLimit<>(
                        head("l"), new Quantity.Against(ANY_BEND), sixWeeks(Allowed.within(Loading.OWN_WEIGHT))))
                .on(10);

        assertThat(verdict.kind()).isEqualTo(kind);
    }

    @ParameterizedTest
    @CsvSource({"LOW,OPEN", "MODERATE,OPEN", "HIGH,BARRED"})
    void strainMayReachItsLevel(Level asked, VerdictKind kind) {
        assertThat(open().asking(new Demand.Strain(StrainKind.IMPACT, Limb.LEG, asked))
                        .limit(new AmountLimit<>(
                                head("s"),
                                new LimbQuantity.Straining(StrainKind.IMPACT, Limb.LEG),
                                sixWeeks(Allowed.within(Level.MODERATE))))
                        .on(10)
                        .kind())
                .isEqualTo(kind);
    }

    @Test
    void exemptActivityIsNotLookedAt() {
        MotionLimit exempting = new MotionLimit(
                new RuleHead("m", "m", Condition.ALWAYS, false, Set.of("squat"), Set.of(), "", Set.of(), false, ""),
                ANY_BEND,
                sixWeeks(Allowed.nothing()));

        assertThat(open().asking(bend(75)).limit(exempting).on(10).kind()).isEqualTo(VerdictKind.OPEN);
    }
}
