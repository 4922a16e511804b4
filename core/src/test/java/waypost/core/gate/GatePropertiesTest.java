package waypost.core.gate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.body.Arc;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Tissue;
import waypost.core.demand.Action;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Count;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.Level;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;
import waypost.core.demand.Loading;
import waypost.core.demand.Posture;
import waypost.core.demand.StrainKind;
import waypost.core.demand.Support;
import waypost.core.exercise.Reducible;
import waypost.core.limit.AllOrNothing;
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
import waypost.core.protocol.Opening;
import waypost.core.question.Answers;
import waypost.core.question.Condition;
import waypost.core.reason.VerdictKind;
import waypost.core.time.CourseDay;
import waypost.core.time.Moment;
import waypost.core.time.Schedule;

/** What must hold for every protocol, over generated ones; each case is made from its seed. */
class GatePropertiesTest {

    static IntStream seeds() {
        return IntStream.range(0, 200);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void oneMoreRuleNeverOpensAnything(int seed) {
        Random random = new Random(seed);
        Case with = new Case(random);
        Limit<?> more = limit(random, "more");
        int day = random.nextInt(150) - 10;

        VerdictKind before = with.fixture().on(day).kind();
        VerdictKind after = with.fixture().limit(more).on(day).kind();

        assertThat(after).isLessThanOrEqualTo(before);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void anAnswerNarrowedNeverClosesAnything(int seed) {
        Random random = new Random(seed);
        Case with = new Case(random);
        int day = random.nextInt(150) - 10;

        VerdictKind open = with.fixture().on(day).kind();
        for (String answer : List.of("tendon", "donor")) {
            VerdictKind narrowed = with.fixture()
                    .answers(new Answers(Map.of("graft", Set.of(answer))))
                    .on(day)
                    .kind();
            assertThat(narrowed).isGreaterThanOrEqualTo(open);
        }
    }

    /** With facts frozen a verdict changes only on a day on which a rule declares a beginning, a step or an end. */
    @ParameterizedTest
    @MethodSource("seeds")
    void verdictsStandStillBetweenChangePoints(int seed) {
        Gate gate = new Case(new Random(seed)).fixture().gate();
        Facts frozen = Fixture.facts(0, Fixture.flexion(95, 0));

        for (int day = -9; day < 150; day++) {
            if (!gate.changePoints().contains(new CourseDay(day))) {
                assertThat(gate.judge(Fixture.ROLE, frozen.on(new CourseDay(day))))
                        .isEqualTo(gate.judge(Fixture.ROLE, frozen.on(new CourseDay(day - 1))));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void judgingTwiceIsEqual(int seed) {
        Case with = new Case(new Random(seed));
        int day = new Random(seed).nextInt(150);

        assertThat(with.fixture().on(day)).isEqualTo(with.fixture().on(day));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyReducedFormPassesTheGate(int seed) {
        Random random = new Random(seed);
        Case with = new Case(random);
        int day = random.nextInt(100);

        Verdict verdict = with.fixture().on(day);
        verdict.reducedTo()
                .ifPresent(reduced -> assertThat(with.fixture()
                                .asking(reduced.demands().toArray(Demand[]::new))
                                .using(reduced.setUps())
                                .on(day)
                                .kind())
                        .isEqualTo(VerdictKind.OPEN));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theOrderInWhichRulesAreWrittenDoesNotMatter(int seed) {
        Random random = new Random(seed);
        Case with = new Case(random);
        int day = random.nextInt(100);

        Verdict written = with.fixture().on(day);
        Collections.shuffle(with.limits, random);
        Verdict shuffled = with.fixture().on(day);

        assertThat(shuffled).isEqualTo(written);
    }

    /** A generated protocol and role that can be built again and again. */
    private static final class Case {
        private final List<Limit<?>> limits = new ArrayList<>();
        private final List<Demand> demands = new ArrayList<>();
        private final List<Opening.Case> openings = new ArrayList<>();
        private final Reducible reducible;

        Case(Random random) {
            IntStream.range(0, random.nextInt(5)).forEach(i -> limits.add(limit(random, "r" + i)));
            IntStream.rangeClosed(0, random.nextInt(3)).forEach(i -> demands.add(demand(random)));
            IntStream.range(0, random.nextInt(3))
                    .forEach(i -> openings.add(Fixture.from(
                            condition(random),
                            "day " + random.nextInt(60),
                            random.nextInt(3) == 0 ? new String[] {"bend"} : new String[0])));
            reducible = new Reducible(
                    maybe(random, (double) random.nextInt(60)),
                    maybe(random, pick(random, Loading.values())),
                    maybe(random, BodyShare.ofPercent(random.nextInt(60))),
                    maybe(random, new Load(1 + random.nextInt(5), LoadUnit.KILOGRAMS)),
                    maybe(random, new Count(random.nextInt(50))),
                    maybe(random, pick(random, EndRange.values())),
                    random.nextInt(3) == 0 ? Set.of("brace-locked") : Set.of());
        }

        Fixture fixture() {
            Fixture fixture =
                    new Fixture().asking(demands.toArray(Demand[]::new)).reducible(reducible);
            limits.forEach(fixture::limit);
            openings.forEach(fixture::open);
            return fixture;
        }
    }

    private static Demand demand(Random random) {
        return switch (random.nextInt(8)) {
            case 0 -> Fixture.bend(10 + random.nextInt(120)).lightenedTo(pick(random, Loading.values()));
            case 1 ->
                new Demand.TissueLoad(
                        Tissue.CRUCIATE_GRAFT,
                        pick(random, Level.values()),
                        pick(random, Mode.values()),
                        maybe(random, pick(random, Action.values())));
            case 2 ->
                new Demand.Bearing(Limb.LEG, BodyShare.ofPercent(random.nextInt(150)), pick(random, Support.values()));
            case 3 -> new Demand.Strain(pick(random, StrainKind.values()), Limb.LEG, pick(random, Level.values()));
            case 4 -> new Demand.Held(Limb.LEG, new Load(random.nextInt(30), LoadUnit.KILOGRAMS));
            case 5 -> new Demand.Contacts(new Count(random.nextInt(100)));
            case 6 -> new Demand.Placed(pick(random, Posture.values()));
            default -> hip(random.nextInt(100)).pressedTo(pick(random, EndRange.values()));
        };
    }

    private static Demand.Movement hip(double most) {
        Demand.Movement bend = Fixture.bend(10);
        return new Demand.Movement(
                Motion.HIP_FLEXION,
                Arc.between(0, most),
                Optional.empty(),
                bend.working(),
                bend.mode(),
                bend.chain(),
                bend.loading(),
                bend.end());
    }

    private static Limit<?> limit(Random random, String id) {
        RuleHead plain = Fixture.head(id, condition(random));
        RuleHead head = random.nextInt(4) == 0
                ? new RuleHead(id, id, plain.when(), false, Set.of(), Set.of("brace-locked"), "", Set.of(), false, "")
                : plain;
        return switch (random.nextInt(10)) {
            case 0 -> new MotionLimit(head, circumstance(random), steps(random, Arc.between(-25, random.nextInt(130))));
            case 1 -> amount(random, head, new Quantity.Against(circumstance(random)), pick(random, Loading.values()));
            case 2 ->
                amount(
                        random,
                        head,
                        new Quantity.Effort(Tissue.CRUCIATE_GRAFT, Set.of(), Set.of(pick(random, Action.values()))),
                        pick(random, Level.values()));
            case 3 ->
                amount(
                        random,
                        head,
                        new LimbQuantity.Share(Limb.LEG, maybe(random, pick(random, Support.values()))),
                        BodyShare.ofPercent(random.nextInt(120)));
            case 4 ->
                amount(
                        random,
                        head,
                        new LimbQuantity.Straining(pick(random, StrainKind.values()), Limb.LEG),
                        pick(random, Level.values()));
            case 5 ->
                amount(
                        random,
                        head,
                        new LimbQuantity.Holding(Limb.LEG, LoadUnit.KILOGRAMS),
                        new Load(random.nextInt(20), LoadUnit.KILOGRAMS));
            case 6 -> amount(random, head, new Quantity.Contacts(), new Count(random.nextInt(80)));
            case 7 -> new PostureLimit(head, Set.of(pick(random, Posture.values())), allOrNothing(random));
            case 8 ->
                amount(
                        random,
                        head,
                        new Quantity.EndForce(Circumstance.any(Motion.HIP_FLEXION)),
                        pick(random, EndRange.values()));
            default ->
                new CombinedLimit(
                        head,
                        List.of(
                                new Component(Motion.KNEE_FLEXION, Arc.between(random.nextInt(90), 165)),
                                new Component(Motion.HIP_FLEXION, Arc.between(random.nextInt(60) - 10, 150))),
                        allOrNothing(random));
        };
    }

    private static <T extends Comparable<T>> Limit<T> amount(
            Random random, RuleHead head, Quantity<T> quantity, T bound) {
        return new AmountLimit<>(head, quantity, steps(random, bound));
    }

    private static Schedule<Allowed<AllOrNothing>> allOrNothing(Random random) {
        int start = random.nextInt(30);
        return new Schedule<>(List.of(
                new Schedule.Entry<>(new Moment.Day(start), Allowed.nothing()),
                new Schedule.Entry<>(new Moment.Day(start + 1 + random.nextInt(80)), Allowed.free())));
    }

    private static Circumstance circumstance(Random random) {
        return new Circumstance(
                Set.of(Motion.KNEE_FLEXION),
                Optional.empty(),
                Set.of(),
                Optional.empty(),
                maybe(random, Loading.OWN_WEIGHT),
                random.nextInt(4) == 0 ? Optional.of(pick(random, Support.values())) : Optional.empty(),
                random.nextInt(4) == 0
                        ? List.of(new Component(Motion.HIP_FLEXION, Arc.between(random.nextInt(60) - 10, 150)))
                        : List.of());
    }

    private static <T> Optional<T> maybe(Random random, T value) {
        return random.nextBoolean() ? Optional.of(value) : Optional.empty();
    }

    private static <T> Schedule<Allowed<T>> steps(Random random, T bound) {
        int start = random.nextInt(30);
        Allowed<T> allowed = random.nextInt(4) == 0 ? Allowed.nothing() : Allowed.within(bound);
        return new Schedule<>(List.of(
                new Schedule.Entry<>(new Moment.Day(start), allowed),
                new Schedule.Entry<>(new Moment.Day(start + 1 + random.nextInt(80)), Allowed.free())));
    }

    private static Condition condition(Random random) {
        return switch (random.nextInt(3)) {
            case 0 -> Fixture.graftIs("tendon");
            case 1 -> Fixture.graftIs("donor");
            default -> Condition.ALWAYS;
        };
    }

    private static <T> T pick(Random random, T[] values) {
        return values[random.nextInt(values.length)];
    }
}
