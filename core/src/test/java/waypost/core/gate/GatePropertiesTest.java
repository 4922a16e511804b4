package waypost.core.gate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.body.Arc;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Tissue;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Demand;
import waypost.core.demand.Level;
import waypost.core.demand.Loading;
import waypost.core.demand.Support;
import waypost.core.exercise.Reducible;
import waypost.core.protocol.Allowed;
import waypost.core.protocol.BearingLimit;
import waypost.core.protocol.Circumstance;
import waypost.core.protocol.Limit;
import waypost.core.protocol.LoadingLimit;
import waypost.core.protocol.MotionLimit;
import waypost.core.protocol.Opening;
import waypost.core.protocol.RuleHead;
import waypost.core.protocol.StrainLimit;
import waypost.core.protocol.TissueLimit;
import waypost.core.protocol.VerdictKind;
import waypost.core.question.Answers;
import waypost.core.question.Condition;
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
                                .on(day)
                                .kind())
                        .isEqualTo(VerdictKind.OPEN));
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
                    .forEach(i -> openings.add(new Opening.Case(
                            condition(random), new Moment.Day(random.nextInt(60)), Optional.empty(), List.of())));
            reducible = new Reducible(
                    random.nextBoolean() ? Optional.of((double) random.nextInt(60)) : Optional.empty(),
                    random.nextBoolean() ? Optional.of(pick(random, Loading.values())) : Optional.empty(),
                    random.nextBoolean() ? Optional.of(BodyShare.ofPercent(random.nextInt(60))) : Optional.empty());
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
        return switch (random.nextInt(4)) {
            case 0 -> Fixture.bend(10 + random.nextInt(120)).lightenedTo(pick(random, Loading.values()));
            case 1 ->
                new Demand.TissueLoad(Tissue.CRUCIATE_GRAFT, pick(random, Level.values()), pick(random, Mode.values()));
            case 2 -> new Demand.Bearing(BodyShare.ofPercent(random.nextInt(150)), pick(random, Support.values()));
            default -> new Demand.Strain(pick(random, Demand.StrainKind.values()), pick(random, Level.values()));
        };
    }

    private static Limit<?> limit(Random random, String id) {
        RuleHead head = Fixture.head(id, condition(random));
        return switch (random.nextInt(5)) {
            case 0 -> new MotionLimit(head, circumstance(random), steps(random, Arc.between(-25, random.nextInt(130))));
            case 1 -> new LoadingLimit(head, circumstance(random), steps(random, pick(random, Loading.values())));
            case 2 ->
                new TissueLimit(head, Tissue.CRUCIATE_GRAFT, Set.of(), steps(random, pick(random, Level.values())));
            case 3 -> new BearingLimit(head, steps(random, BodyShare.ofPercent(random.nextInt(120))));
            default ->
                new StrainLimit(
                        head, pick(random, Demand.StrainKind.values()), steps(random, pick(random, Level.values())));
        };
    }

    private static Circumstance circumstance(Random random) {
        return new Circumstance(
                Motion.KNEE_FLEXION,
                Optional.empty(),
                Set.of(),
                Optional.empty(),
                random.nextBoolean() ? Optional.of(Loading.OWN_WEIGHT) : Optional.empty(),
                random.nextInt(4) == 0 ? Optional.of(pick(random, Support.values())) : Optional.empty());
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
