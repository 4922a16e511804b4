package waypost.core.gate;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.downTo;
import static waypost.core.gate.Fixture.from;
import static waypost.core.gate.Fixture.head;
import static waypost.core.gate.Fixture.sixWeeks;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Arc;
import waypost.core.body.Limb;
import waypost.core.body.Motion;
import waypost.core.demand.ArmHeight;
import waypost.core.demand.Chain;
import waypost.core.demand.Count;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.LeverLength;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;
import waypost.core.demand.Loading;
import waypost.core.demand.Posture;
import waypost.core.demand.Reaching;
import waypost.core.exercise.Besides;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.limit.ActivityLimit;
import waypost.core.limit.Allowed;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.Circumstance;
import waypost.core.limit.CombinedLimit;
import waypost.core.limit.Component;
import waypost.core.limit.LimbQuantity;
import waypost.core.limit.Limit;
import waypost.core.limit.MotionLimit;
import waypost.core.limit.PostureLimit;
import waypost.core.limit.Quantity;
import waypost.core.limit.RuleHead;
import waypost.core.question.Condition;
import waypost.core.reason.Reason;
import waypost.core.reason.VerdictKind;
import waypost.core.time.Moment;
import waypost.core.time.Schedule;

/** Motions barred together, limits that look at another joint, postures, levers, loads and set-ups. */
class CombinationsTest {

    private static final Component KNEE_OVER_60 = new Component(Motion.KNEE_FLEXION, Arc.between(60, 165));

    private static Demand.Movement hip(double least, double most) {
        Demand.Movement bend = bend(10);
        return new Demand.Movement(
                Motion.HIP_FLEXION,
                Arc.between(least, most),
                Optional.empty(),
                bend.working(),
                bend.mode(),
                Chain.CLOSED,
                Loading.OWN_WEIGHT,
                EndRange.SHORT_OF_IT);
    }

    private static CombinedLimit together(double hipOver) {
        return new CombinedLimit(
                head("c"),
                List.of(KNEE_OVER_60, new Component(Motion.HIP_FLEXION, Arc.between(hipOver, 150))),
                sixWeeks(Allowed.nothing()));
    }

    private static Fixture open(Demand... asked) {
        return new Fixture().open(from("day 0")).asking(asked);
    }

    @ParameterizedTest
    @CsvSource({"60,90,OPEN", "61,90,BARRED", "90,30,OPEN", "90,31,BARRED"})
    void motionsAreBarredOnlyWhenAllGoBeyondTheirEdges(double knee, double hip, VerdictKind kind) {
        assertThat(open(bend(knee), hip(0, hip)).limit(together(30)).on(10).kind())
                .isEqualTo(kind);
    }

    @Test
    void aMotionThatIsNotSaidStandsAtNeutral() {
        assertThat(open(bend(90)).limit(together(0)).on(10).kind()).isEqualTo(VerdictKind.OPEN);
        assertThat(open(bend(90)).limit(together(-5)).on(10).kind()).isEqualTo(VerdictKind.BARRED);
    }

    @Test
    void leavingOneZoneIsEnoughAndTheFirstThatCanBeLeftIsLeft() {
        Verdict verdict = open(bend(90), hip(0, 90))
                .reducible(downTo(30))
                .limit(together(40))
                .on(10);

        assertThat(verdict.kind()).isEqualTo(VerdictKind.OPEN_WITH_LIMIT);
        assertThat(verdict.reducedTo().orElseThrow().demands()).containsExactly(bend(60), hip(0, 90));
    }

    /** The knee can't leave its zone, so the hip does. */
    @Test
    void anotherZoneIsLeftWhenTheFirstCannotBe() {
        Verdict verdict = open(bend(90), hip(0, 90))
                .reducible(downTo(61))
                .limit(together(70))
                .on(10);

        assertThat(verdict.reducedTo().orElseThrow().demands()).containsExactly(bend(90), hip(0, 70));
    }

    @Test
    void whatHappensInAnotherPartDoesNotHappenTogether() {
        Role parts = new Role(
                Fixture.ROLE,
                "x",
                List.of(bend(90), hip(0, 90)),
                List.of(0, 1),
                Reducible.NOTHING,
                Set.of(),
                Optional.empty(),
                Besides.NOTHING);

        assertThat(together(30).respected(parts, 0, Allowed.nothing())).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"30,OPEN", "31,BARRED"})
    void aLimitMayHoldOnlyWhileAnotherJointIsInAZone(double hip, VerdictKind kind) {
        Circumstance during = new Circumstance(
                Set.of(Motion.KNEE_FLEXION),
                Optional.empty(),
                Set.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(new Component(Motion.HIP_FLEXION, Arc.between(30, 150))));
        MotionLimit limit = new MotionLimit(head("d"), during, sixWeeks(Allowed.within(Arc.between(-25, 40))));

        assertThat(open(bend(90), hip(0, hip)).limit(limit).on(10).kind()).isEqualTo(kind);
    }

    private static <T extends Comparable<T>> Limit<T> amount(Quantity<T> quantity, Allowed<T> allowed) {
        return new AmountLimit<>(head("a"), quantity, sixWeeks(allowed));
    }

    @ParameterizedTest
    @CsvSource({"4,OPEN", "5,OPEN", "6,OPEN_WITH_LIMIT"})
    void loadsAreLoweredInTheirOwnUnit(double kilograms, VerdictKind kind) {
        Reducible lighter = new Reducible(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(new Load(2, LoadUnit.KILOGRAMS)),
                Optional.empty(),
                Optional.empty(),
                Set.of());
        LimbQuantity.Holding held = new LimbQuantity.Holding(Limb.LEG, LoadUnit.KILOGRAMS);
        Load five = new Load(5, LoadUnit.KILOGRAMS);

        assertThat(open(new Demand.Held(Limb.LEG, new Load(kilograms, LoadUnit.KILOGRAMS)))
                        .reducible(lighter)
                        .limit(amount(held, Allowed.within(five)))
                        .on(10)
                        .kind())
                .isEqualTo(kind);
        assertThat(open(new Demand.Held(Limb.LEG, new Load(9, LoadUnit.BAND_STEP)))
                        .limit(amount(held, Allowed.within(five)))
                        .on(10)
                        .kind())
                .isEqualTo(VerdictKind.OPEN);
    }

    @Test
    void leversHeightsContactsAndEndForceHaveTheirOwnBounds() {
        assertThat(open(new Demand.Lever(Limb.LEG, LeverLength.LONG))
                        .limit(amount(new LimbQuantity.Reach(Limb.LEG), Allowed.within(LeverLength.SHORT)))
                        .on(10)
                        .kind())
                .isEqualTo(VerdictKind.BARRED);
        assertThat(open(new Demand.Lever(Limb.LEG, LeverLength.SHORT))
                        .limit(amount(new LimbQuantity.Reach(Limb.LEG), Allowed.nothing()))
                        .on(10)
                        .kind())
                .isEqualTo(VerdictKind.BARRED);
        assertThat(open(new Reaching(ArmHeight.ABOVE_SHOULDER))
                        .limit(amount(new Quantity.HandHeight(), Allowed.within(ArmHeight.AT_SHOULDER)))
                        .on(10)
                        .kind())
                .isEqualTo(VerdictKind.BARRED);
        assertThat(open(new Demand.Contacts(new Count(61)))
                        .limit(amount(new Quantity.Contacts(), Allowed.within(new Count(60))))
                        .on(10)
                        .kind())
                .isEqualTo(VerdictKind.BARRED);
        assertThat(open(bend(90).pressedTo(EndRange.STRETCH))
                        .limit(amount(
                                new Quantity.EndForce(Circumstance.any(Motion.KNEE_FLEXION)),
                                Allowed.within(EndRange.FIRST_RESISTANCE)))
                        .on(10)
                        .kind())
                .isEqualTo(VerdictKind.BARRED);
    }

    @Test
    void posturesAndActivitiesAreBarredUntilFree() {
        PostureLimit kneeling = new PostureLimit(head("p"), Set.of(Posture.KNEELING), sixWeeks(Allowed.nothing()));
        ActivityLimit named = new ActivityLimit(head("n"), Set.of("squat"), sixWeeks(Allowed.nothing()));
        Demand.Placed placed = new Demand.Placed(Posture.KNEELING);

        assertThat(open(bend(30), placed).limit(kneeling).on(41).kind()).isEqualTo(VerdictKind.BARRED);
        assertThat(open(bend(30), placed).limit(kneeling).on(42).kind()).isEqualTo(VerdictKind.OPEN);
        assertThat(open(bend(30), new Demand.Placed(Posture.SITTING))
                        .limit(kneeling)
                        .on(10)
                        .kind())
                .isEqualTo(VerdictKind.OPEN);
        assertThat(open(bend(30), placed).limit(named).on(10).reasons())
                .extracting(r -> r.ruleId().orElseThrow())
                .containsExactly("n");
    }

    /** Full bend with the brace locked, else at most 60°. */
    @Test
    void aSetUpUnderWhichALimitDoesNotHoldComesBeforeAnyCut() {
        MotionLimit braced = new MotionLimit(
                new RuleHead(
                        "b", "b", Condition.ALWAYS, false, Set.of(), Set.of("brace-locked"), "", Set.of(), false, ""),
                Circumstance.any(Motion.KNEE_FLEXION),
                sixWeeks(Allowed.within(Arc.between(-25, 60))));
        Verdict withBrace = open(bend(90))
                .reducible(downTo(30).using(Set.of("brace-locked")))
                .limit(braced)
                .on(10);

        assertThat(withBrace.kind()).isEqualTo(VerdictKind.OPEN_WITH_LIMIT);
        assertThat(withBrace.reducedTo().orElseThrow().setUps()).containsExactly("brace-locked");
        assertThat(withBrace.reducedTo().orElseThrow().demands()).containsExactly(bend(90));
        assertThat(open(bend(90))
                        .reducible(downTo(30))
                        .limit(braced)
                        .on(10)
                        .reducedTo()
                        .orElseThrow()
                        .demands())
                .containsExactly(bend(60));
    }

    @Test
    void aStepThatWaitsForAMilestoneGoesOnRestrictingAndSaysWhatWouldEndIt() {
        Schedule<Allowed<Arc>> until = new Schedule<>(List.of(
                new Schedule.Entry<>(Moment.parse("day 0"), Allowed.within(Arc.between(-25, 60))),
                new Schedule.Entry<>(Moment.parse("6 weeks"), Allowed.free(), List.of("bend"))));
        Gate gate = open(bend(90))
                .limit(new MotionLimit(head("u"), Circumstance.any(Motion.KNEE_FLEXION), until))
                .gate();
        Facts facts = Fixture.facts(50);
        Facts met = new Facts(
                facts.day(),
                facts.known(),
                facts.side(),
                facts.phase(),
                Set.of("bend"),
                List.of(),
                List.of(),
                List.of(),
                facts.readings(),
                false);

        assertThat(gate.judge(Fixture.ROLE, facts).reasons())
                .singleElement()
                .isInstanceOfSatisfying(
                        Reason.Exceeded.class,
                        reason -> assertThat(reason.orOnceMet()).containsExactly("bend"));
        assertThat(gate.judge(Fixture.ROLE, met).kind()).isEqualTo(VerdictKind.OPEN);
    }
}
