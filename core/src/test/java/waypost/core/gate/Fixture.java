package waypost.core.gate;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Region;
import waypost.core.body.Side;
import waypost.core.body.Tissue;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.criterion.Criterion;
import waypost.core.criterion.CriterionHead;
import waypost.core.demand.Chain;
import waypost.core.demand.Count;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.Lasting;
import waypost.core.demand.Loading;
import waypost.core.demand.Posture;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.limit.Allowed;
import waypost.core.limit.Limit;
import waypost.core.limit.RuleHead;
import waypost.core.log.Decisions;
import waypost.core.log.Evidence;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.MeasuringError;
import waypost.core.measure.Method;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.measure.Taken;
import waypost.core.measure.Tool;
import waypost.core.measure.Unit;
import waypost.core.protocol.Duty;
import waypost.core.protocol.FollowUp;
import waypost.core.protocol.HoldRule;
import waypost.core.protocol.Opening;
import waypost.core.protocol.PainRule;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.protocol.Rules;
import waypost.core.protocol.Scope;
import waypost.core.protocol.SetUp;
import waypost.core.question.Answers;
import waypost.core.question.Condition;
import waypost.core.question.Question;
import waypost.core.resolved.Resolved;
import waypost.core.resolved.Resolver;
import waypost.core.time.Clocks;
import waypost.core.time.CourseDay;
import waypost.core.time.DayZero;
import waypost.core.time.Moment;
import waypost.core.time.Schedule;

/** A small protocol about one knee and one exercise, to be bent to what a test needs. */
public final class Fixture {

    public static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    public static final RoleKey ROLE = new RoleKey("squat", "operated");
    public static final Measure FLEXION = range("knee-flexion", Direction.POSITIVE, Measure.Better.HIGHER);
    public static final Measure EXTENSION = range("knee-extension", Direction.NEGATIVE, Measure.Better.LOWER);
    public static final Question GRAFT = Question.finding(
            "graft",
            "Which graft?",
            List.of(new Question.Value("tendon", "tendon"), new Question.Value("donor", "donor")));
    public static final Phase FIRST = phase("first", "day 0", List.of("bend"));
    public static final Phase SECOND = phase("second", "completed week 2", List.of());
    public static final Criterion BEND =
            new Criterion.Reach(CriterionHead.of("bend", "Bend of 90°"), FLEXION, Mode.PASSIVE, FLEXION.amount(90));

    private final List<Limit<?>> limits = new ArrayList<>();
    private final List<Opening.OfPart> said = new ArrayList<>();
    private final List<Opening.Case> cases = new ArrayList<>();
    private final List<SetUp> setUpRules = new ArrayList<>();
    private final List<Duty> duties = new ArrayList<>();
    private final List<HoldRule> holdRules = new ArrayList<>();
    private final List<PainRule> painRules = new ArrayList<>();
    private final List<Criterion> criteria = new ArrayList<>(List.of(BEND));
    private final List<Question> questions = new ArrayList<>(List.of(GRAFT));
    private final List<Scope.Besides> besides = new ArrayList<>();
    private List<String> offWhen = List.of();
    private boolean openingSurgeonOnly;
    private FollowUp followUp = FollowUp.NONE;
    private Optional<Moment> ends = Optional.empty();
    private Clocks clocks = Clocks.startingOn(DAY_ZERO);
    private Decisions decisions = Decisions.NONE;
    private List<Demand> demands = List.of(new Lasting(new Count(5)));
    private Reducible reducible = Reducible.NOTHING;
    private Set<String> setUps = Set.of();
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
                MeasuringError.of(5),
                List.of(new Measure.ToolError(Tool.GONIOMETER, 5, 10), new Measure.ToolError(Tool.BY_EYE, 15, 15)),
                14,
                true,
                better,
                -25,
                165,
                Optional.empty(),
                OptionalInt.empty(),
                Taken.by(Method.ANGLE),
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
                Loading.OWN_WEIGHT,
                EndRange.SHORT_OF_IT);
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
                bend.loading(),
                bend.end());
    }

    /** Reducible down to an arc of {@code span} degrees. */
    public static Reducible downTo(double span) {
        return Reducible.toSpan(span);
    }

    public static RuleHead head(String id) {
        return RuleHead.of(id, id);
    }

    public static RuleHead head(String id, Condition when) {
        return RuleHead.of(id, id).when(when);
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
        return from(Condition.ALWAYS, moment);
    }

    public static Opening.Case from(Condition when, String moment, String... needs) {
        return new Opening.Case(
                when, "", Moment.parse(moment), Optional.empty(), Optional.empty(), List.of(needs), Optional.empty());
    }

    public Fixture asking(Demand... asked) {
        demands = List.of(asked);
        return this;
    }

    public Fixture reducible(Reducible by) {
        reducible = by;
        return this;
    }

    /** The exercise is done with these set-ups in place. */
    public Fixture using(Set<String> inPlace) {
        setUps = inPlace;
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

    public Fixture offWhen(String... criteriaMet) {
        offWhen = List.of(criteriaMet);
        return this;
    }

    public Fixture openingIsSurgeonOnly() {
        openingSurgeonOnly = true;
        return this;
    }

    public Fixture setUp(SetUp rule) {
        setUpRules.add(rule);
        return this;
    }

    public Fixture duty(Duty duty) {
        duties.add(duty);
        return this;
    }

    public Fixture holdRule(HoldRule rule) {
        holdRules.add(rule);
        return this;
    }

    public Fixture criterion(Criterion criterion) {
        criteria.add(criterion);
        return this;
    }

    public Fixture clocks(Clocks running) {
        clocks = running;
        return this;
    }

    public Fixture decisions(Decisions made) {
        decisions = made;
        return this;
    }

    public Fixture pain(PainRule... rules) {
        painRules.addAll(List.of(rules));
        return this;
    }

    public Fixture question(Question asked) {
        questions.add(asked);
        return this;
    }

    /** The region is this much larger when the condition may hold. */
    public Fixture besides(Condition when, Region region) {
        besides.add(new Scope.Besides(when, region));
        return this;
    }

    /** Where the bend should lie from day 0 on. */
    public Fixture corridor(double low, double high) {
        followUp = new FollowUp(
                List.of(),
                List.of(new FollowUp.Corridor(
                        FLEXION.id(), List.of(new FollowUp.Point(Moment.parse("day 0"), low, high)), Condition.ALWAYS)),
                List.of(),
                List.of(),
                Optional.empty());
        return this;
    }

    /** A part of the protocol says this of the role. */
    public Fixture part(Opening.OfPart more) {
        said.add(more);
        return this;
    }

    /** The course is over by itself at this moment. */
    public Fixture ends(String moment) {
        ends = Optional.of(Moment.parse(moment));
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
                DayZero.SURGERY,
                "test",
                "unreviewed",
                new Scope(
                        new Region(
                                Set.of(Joint.KNEE), Set.of(Tissue.CRUCIATE_GRAFT, Tissue.HAMSTRING), Set.of(Limb.LEG)),
                        besides,
                        List.of("injection"),
                        List.of(),
                        Set.of(),
                        ends),
                questions,
                List.of(FIRST, SECOND),
                criteria,
                new Rules(
                        limits,
                        cases.isEmpty()
                                ? List.of()
                                : List.of(new Opening(ROLE, cases, said, offWhen, openingSurgeonOnly)),
                        duties,
                        setUpRules,
                        holdRules,
                        painRules),
                followUp,
                said.stream().map(Opening.OfPart::part).toList());
    }

    public Activity squat() {
        Map<String, Pose> poses = Map.of(ROLE.role(), Pose.of(Posture.SUPINE, Map.of()));
        return new Activity.Test(ROLE.activity(), "Squat", "none", List.of(role()), poses, List.of(), "none");
    }

    private Role role() {
        Role role = Role.of(ROLE, "operated", demands, reducible);
        for (String setUp : setUps) {
            role = role.using(setUp);
        }
        return role;
    }

    public Gate gate() {
        return Gate.of(resolved(), List.of(squat()), List.of(FLEXION, EXTENSION));
    }

    public Resolved resolved() {
        return Resolver.resolve(protocol(), answers, clocks, decisions);
    }

    /** A course of this protocol with this history. */
    public Course course(History history) {
        return Course.of(resolved(), List.of(squat()), List.of(FLEXION, EXTENSION), history);
    }

    /** A course in which nothing has happened. */
    public Course course() {
        return course(History.of(Side.RIGHT, Evidence.NONE, List.of(), List.of()));
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
                List.of(),
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
                "tester",
                Optional.empty(),
                Optional.empty());
    }
}
