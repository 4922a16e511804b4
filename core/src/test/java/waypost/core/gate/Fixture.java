package waypost.core.gate;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.body.Joint;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Region;
import waypost.core.body.Side;
import waypost.core.body.Tissue;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.Loading;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.measure.Unit;
import waypost.core.protocol.Allowed;
import waypost.core.protocol.Criterion;
import waypost.core.protocol.Limit;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.protocol.RuleHead;
import waypost.core.question.Answers;
import waypost.core.question.Condition;
import waypost.core.question.Question;
import waypost.core.resolved.Resolver;
import waypost.core.time.CourseDay;
import waypost.core.time.Moment;
import waypost.core.time.Schedule;

/** A small protocol about one knee and one exercise, to be bent to what a test needs. */
public final class Fixture {

    public static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    public static final RoleKey ROLE = new RoleKey("squat", "operated");
    public static final Measure FLEXION = range("knee-flexion", Direction.POSITIVE, Measure.Better.HIGHER);
    public static final Measure EXTENSION = range("knee-extension", Direction.NEGATIVE, Measure.Better.LOWER);
    public static final Question GRAFT = new Question(
            "graft",
            "Which graft?",
            List.of(new Question.Value("tendon", "tendon"), new Question.Value("donor", "donor")),
            Optional.empty());
    public static final Phase FIRST = phase("first", "day 0", List.of("bend"));
    public static final Phase SECOND = phase("second", "completed week 2", List.of());
    public static final Criterion BEND =
            new Criterion.Reach("bend", "Bend of 90°", FLEXION, Mode.PASSIVE, FLEXION.amount(90));

    private final List<Limit<?>> limits = new ArrayList<>();
    private final List<Opening.Case> cases = new ArrayList<>();
    private List<Demand> demands = List.of();
    private Reducible reducible = Reducible.NOTHING;
    private Answers answers = Answers.NONE;

    public static Phase phase(String id, String earliest, List<String> leave) {
        return new Phase(id, id, List.of("goal"), Moment.parse(earliest), Moment.parse(earliest), leave);
    }

    private static Measure range(String id, Direction end, Measure.Better better) {
        return new Measure(
                id,
                id,
                Unit.DEGREES,
                Optional.of(Motion.KNEE_FLEXION),
                Optional.of(end),
                5,
                14,
                true,
                better,
                -25,
                165,
                "test");
    }

    /** Bends the knee under its own weight, in closed chain, from 0 to {@code most}. */
    public static Demand.Movement bend(double most) {
        return new Demand.Movement(
                Motion.KNEE_FLEXION,
                Arc.between(0, most),
                Optional.empty(),
                Direction.NEGATIVE,
                Mode.ACTIVE,
                Chain.CLOSED,
                Loading.OWN_WEIGHT);
    }

    public static Demand.Movement bendNeeding(double most, double needs) {
        Demand.Movement bend = bend(most);
        return new Demand.Movement(
                bend.motion(),
                bend.arc(),
                Optional.of(Degrees.of(needs)),
                bend.working(),
                bend.mode(),
                bend.chain(),
                bend.loading());
    }

    /** Reducible down to an arc of {@code span} degrees. */
    public static Reducible downTo(double span) {
        return new Reducible(Optional.of(span), Optional.empty(), Optional.empty());
    }

    public static RuleHead head(String id) {
        return new RuleHead(id, id, Condition.ALWAYS, false, Set.of());
    }

    public static RuleHead head(String id, Condition when) {
        return new RuleHead(id, id, when, false, Set.of());
    }

    public static Condition graftIs(String value) {
        return new Condition(Map.of("graft", Set.of(value)));
    }

    /** {@code allowed} from day 0, free from day 42. */
    public static <T> Schedule<Allowed<T>> sixWeeks(Allowed<T> allowed) {
        return new Schedule<>(List.of(
                new Schedule.Entry<>(Moment.parse("day 0"), allowed),
                new Schedule.Entry<>(Moment.parse("completed week 6"), Allowed.free())));
    }

    public static Opening.Case from(String moment) {
        return new Opening.Case(Condition.ALWAYS, Moment.parse(moment), Optional.empty(), List.of());
    }

    public Fixture asking(Demand... asked) {
        demands = List.of(asked);
        return this;
    }

    public Fixture reducible(Reducible by) {
        reducible = by;
        return this;
    }

    public Fixture limit(Limit<?> limit) {
        limits.add(limit);
        return this;
    }

    public Fixture open(Opening.Case opening) {
        cases.add(opening);
        return this;
    }

    public Fixture answers(Answers stated) {
        answers = stated;
        return this;
    }

    public Protocol protocol() {
        return new Protocol(
                "test.knee",
                "Test knee",
                "1",
                "surgery",
                "test",
                "unreviewed",
                new Region(Set.of(Joint.KNEE), Set.of(Tissue.CRUCIATE_GRAFT, Tissue.HAMSTRING), true),
                List.of(GRAFT),
                List.of(FIRST, SECOND),
                List.of(BEND),
                limits,
                cases.isEmpty() ? List.of() : List.of(new Opening(ROLE, cases)),
                List.of());
    }

    public Activity squat() {
        return new Activity.Test(
                ROLE.activity(),
                "Squat",
                "none",
                List.of(new Role(ROLE.role(), "operated", demands, reducible)),
                "none");
    }

    public Gate gate() {
        return Gate.of(Resolver.resolve(protocol(), answers, DAY_ZERO), List.of(squat()), List.of(FLEXION, EXTENSION));
    }

    public Verdict on(int day) {
        return gate().judge(ROLE, facts(day));
    }

    public static Facts facts(int day, Reading... readings) {
        LocalDate date = DAY_ZERO.plusDays(day);
        return new Facts(
                new CourseDay(day),
                date,
                Side.RIGHT,
                FIRST,
                Set.of(),
                List.of(),
                new Readings(List.of(readings)),
                false);
    }

    public static Reading flexion(double degrees, int day) {
        return reading(FLEXION, Side.RIGHT, degrees, day);
    }

    public static Reading reading(Measure measure, Side side, double value, int day) {
        return new Reading(
                measure.id(),
                side,
                Mode.PASSIVE,
                Amount.of(value, measure.unit()),
                DAY_ZERO.plusDays(day),
                true,
                "tester");
    }
}
