package waypost.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static waypost.core.gate.Fixture.DAY_ZERO;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.from;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import waypost.core.body.Arc;
import waypost.core.body.Limb;
import waypost.core.body.Motion;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Demand;
import waypost.core.demand.Posture;
import waypost.core.demand.Support;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Besides;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Fixture;
import waypost.core.limit.Allowed;
import waypost.core.limit.Circumstance;
import waypost.core.limit.Limit;
import waypost.core.limit.MotionLimit;
import waypost.core.limit.RuleHead;
import waypost.core.log.Event;
import waypost.core.log.Evidence;
import waypost.core.log.Hold;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Protocol;
import waypost.core.protocol.Rules;
import waypost.core.question.Answers;
import waypost.core.reason.Reason;
import waypost.core.reason.Uncovered;
import waypost.core.reason.VerdictKind;
import waypost.core.resolved.Resolver;
import waypost.core.time.Moment;
import waypost.core.time.Schedule;

/** What one course closes, no other opens. */
class PersonTest {

    private static final RoleKey FRONT = new RoleKey("lunge", "front");
    private static final RoleKey BEHIND = new RoleKey("lunge", "behind");
    private static final RoleKey BOTH = new RoleKey("squat", "both");
    private static final RoleKey LYING = new RoleKey("side-lying", "operated");
    private static final RoleKey LIFTED = new RoleKey("leg-lift", "operated");
    private static final RoleKey STANCE = new RoleKey("stance", "operated");
    private static final RoleKey GHOST = new RoleKey("ghost", "operated");
    private static final LocalDate DATE = DAY_ZERO.plusDays(20);

    private static Role role(RoleKey key, String facing, Demand... demands) {
        List<Integer> parts = List.of(demands).stream().map(demand -> 0).toList();
        return new Role(
                key,
                key.role(),
                List.of(demands),
                parts,
                Reducible.toSpan(20),
                Set.of(),
                facing.isEmpty() ? Optional.empty() : Optional.of(facing),
                Besides.NOTHING);
    }

    private static Activity activity(Role... roles) {
        Map<String, Pose> poses =
                Stream.of(roles).collect(Collectors.toMap(Role::name, role -> Pose.of(Posture.SUPINE, Map.of())));
        return new Activity.Test(
                roles[0].key().activity(), "An activity", "none", List.of(roles), poses, List.of(), "none");
    }

    private static Demand bears(double percent, Support support) {
        return new Demand.Bearing(Limb.LEG, BodyShare.ofPercent(percent), support);
    }

    private static final List<Activity> LIBRARY = List.of(
            activity(role(FRONT, "behind", bend(30)), role(BEHIND, "front", bend(30))),
            activity(role(BOTH, "both", bend(90))),
            activity(role(LYING, "", bend(30), new Demand.Placed(Posture.ON_OTHER_SIDE))),
            activity(role(LIFTED, "", bend(30), new Demand.Placed(Posture.STANDING))),
            activity(role(STANCE, "", bears(100, Support.ONE))),
            activity(role(GHOST, "nobody", bend(30))));

    /** A knee course that covers these roles from day 0 under these limits. */
    private static Course knee(History history, List<Limit<?>> limits, RoleKey... covered) {
        List<Opening> openings = List.of(covered).stream()
                .map(role -> Opening.of(role, List.of(from("day 0"))))
                .toList();
        Protocol protocol = new Fixture().protocol().with(Rules.of(limits, openings));
        return Course.of(
                Resolver.resolve(protocol, Answers.NONE, DAY_ZERO), LIBRARY, List.of(Fixture.FLEXION), history);
    }

    private static Course knee(Side side, RoleKey... covered) {
        return knee(history(side), List.of(), covered);
    }

    private static History history(Side side, Hold... holds) {
        return History.of(side, Evidence.NONE, List.of(), List.of(holds));
    }

    private static History history(Side side, Optional<LocalDate> ended, Optional<String> revisionOf) {
        return new History(side, true, Evidence.NONE, List.of(), List.of(), List.of(), ended, revisionOf);
    }

    private static Limit<?> bendAtMost(double most) {
        return new MotionLimit(
                RuleHead.of("bend.most", "Bend"),
                Circumstance.any(Motion.KNEE_FLEXION),
                new Schedule<>(
                        List.of(new Schedule.Entry<>(Moment.parse("day 0"), Allowed.within(Arc.between(-25, most))))));
    }

    private static Person person(Course first, Course second) {
        return Person.of(List.of(new Episode("first", first), new Episode("second", second)));
    }

    private static Standing standing(Person person, String id) {
        return person.course(id).on(DATE, DATE, Outlook.TIME_ONLY);
    }

    private static VerdictKind kind(Person person, String id, RoleKey role) {
        return standing(person, id).verdict(role).kind();
    }

    @Test
    void theOtherKneePlaysItsCounterpartMeanwhile() {
        Person apart = person(knee(Side.LEFT, FRONT), knee(Side.RIGHT, FRONT));
        Person fitting = person(knee(Side.LEFT, FRONT), knee(Side.RIGHT, BEHIND));

        assertThat(kind(apart, "first", FRONT)).isEqualTo(VerdictKind.NOT_COVERED);
        assertThat(kind(fitting, "first", FRONT)).isEqualTo(VerdictKind.OPEN);
        assertThat(kind(fitting, "second", BEHIND)).isEqualTo(VerdictKind.OPEN);
        assertThat(kind(fitting, "first", BEHIND)).isEqualTo(VerdictKind.NOT_COVERED);
    }

    @Test
    void aReasonFromElsewhereNamesItsCourse() {
        Standing left = standing(person(knee(Side.LEFT, FRONT), knee(Side.RIGHT)), "first");

        assertThat(left.verdict(FRONT).reasons())
                .singleElement()
                .isInstanceOfSatisfying(Reason.InOtherCourse.class, reason -> {
                    assertThat(reason.course().id()).isEqualTo("second");
                    assertThat(reason.course().side()).isEqualTo(Side.RIGHT);
                    assertThat(reason.reason()).isInstanceOf(Uncovered.NotCovered.class);
                });
        assertThat(left.verdicts()).contains(left.verdict(FRONT));
    }

    /** Left may bend to 70°, right to 50°: both legs squat together, so both stop at 50°. */
    @Test
    void aFormThatIsCutForBothIsTheStricterOne() {
        Person person = person(
                knee(history(Side.LEFT), List.of(bendAtMost(70)), BOTH),
                knee(history(Side.RIGHT), List.of(bendAtMost(50)), BOTH));

        var verdict = standing(person, "first").verdict(BOTH);

        assertThat(verdict.kind()).isEqualTo(VerdictKind.OPEN_WITH_LIMIT);
        assertThat(verdict.reducedTo().orElseThrow().demands()).containsExactly(bend(50));
        assertThat(verdict.reasons()).hasSize(2);
    }

    /** Side-lying on the left for the right knee: nobody lies on a left knee that was operated unless it is covered. */
    @Test
    void lyingIsToldFromTheOtherSide() {
        Person both = person(knee(Side.RIGHT, LYING), knee(Side.LEFT));

        assertThat(kind(both, "first", LYING)).isEqualTo(VerdictKind.NOT_COVERED);
    }

    /** Standing with the right leg lifted, the left carries all alone: only where it is covered to stand on it alone. */
    @Test
    void theOtherLegCarriesWhatThisOneDoesNot() {
        assertThat(kind(person(knee(Side.RIGHT, LIFTED), knee(Side.LEFT)), "first", LIFTED))
                .isEqualTo(VerdictKind.NOT_COVERED);
        assertThat(kind(person(knee(Side.RIGHT, LIFTED), knee(Side.LEFT, STANCE)), "first", LIFTED))
                .isEqualTo(VerdictKind.OPEN);
    }

    @Test
    void aCounterpartThatNoFileHasIsNoCrash() {
        assertThat(kind(person(knee(Side.LEFT, GHOST), knee(Side.RIGHT, GHOST)), "first", GHOST))
                .isEqualTo(VerdictKind.OPEN);
    }

    @Test
    void neitherSideIsAHealthyYardstickWhenTheSameJointIsTreatedOnBoth() {
        Person alone = Person.of(List.of(new Episode("left", knee(Side.LEFT, FRONT))));
        Person both = person(knee(Side.LEFT, FRONT), knee(Side.RIGHT, FRONT));

        assertThat(alone.course("left").history().otherSideHealthy()).isTrue();
        assertThat(both.running()).allMatch(e -> !e.course().history().otherSideHealthy());
    }

    @Test
    void aRevisedCourseIsOnlyThePast() {
        Person person = person(
                knee(history(Side.LEFT, Optional.empty(), Optional.empty()), List.of(), BEHIND),
                knee(history(Side.LEFT, Optional.empty(), Optional.of("first")), List.of(), FRONT));

        assertThat(person.running()).extracting(Episode::id).containsExactly("second");
        assertThat(kind(person, "second", FRONT)).isEqualTo(VerdictKind.OPEN);
    }

    /** Ended on day 20: on day 19 it still closes what it does not cover. */
    @ParameterizedTest
    @CsvSource({"19,OPEN", "20,OPEN", "21,NOT_COVERED"})
    void aCourseThatHasEndedClosesNothing(int ended, VerdictKind kind) {
        Course over = knee(history(Side.LEFT, Optional.of(DAY_ZERO.plusDays(ended)), Optional.empty()), List.of());

        assertThat(kind(person(knee(Side.LEFT, FRONT), over), "first", FRONT)).isEqualTo(kind);
    }

    @Test
    void aCourseThatHasNotBegunClosesNothingAndThenDoes() {
        Protocol later = new Fixture().protocol().with(Rules.of(List.of(), List.of()));
        Course planned = Course.of(
                Resolver.resolve(later, Answers.NONE, DAY_ZERO.plusDays(30)),
                LIBRARY,
                List.of(Fixture.FLEXION),
                history(Side.LEFT));
        Course course = person(knee(Side.LEFT, FRONT), planned).course("first");

        assertThat(course.on(DATE, DATE, Outlook.TIME_ONLY).verdict(FRONT).kind())
                .isEqualTo(VerdictKind.OPEN);
        assertThat(course.on(DAY_ZERO.plusDays(30), DATE, Outlook.TIME_ONLY)
                        .verdict(FRONT)
                        .kind())
                .isEqualTo(VerdictKind.NOT_COVERED);
        assertThat(course.daysOfChange()).anyMatch(day -> day.number() == 30);
    }

    /** A flare stops its own course; an emergency or same-day flag stops all of the person. */
    @ParameterizedTest
    @EnumSource(Hold.Kind.class)
    void aRedFlagStopsTheWholePerson(Hold.Kind kind) {
        Hold hold = new Hold(kind, "calf pain", DATE.minusDays(1), DATE, Optional.empty(), "tester");
        Course ended = knee(
                new History(
                        Side.LEFT,
                        true,
                        Evidence.NONE,
                        List.of(),
                        List.of(hold),
                        List.of(),
                        Optional.of(DATE),
                        Optional.empty()),
                List.of());

        VerdictKind found = kind(person(knee(Side.RIGHT, FRONT), ended), "first", FRONT);

        assertThat(found).isEqualTo(kind == Hold.Kind.RED_FLAG ? VerdictKind.ON_HOLD : VerdictKind.OPEN);
    }

    @Test
    void opensByTimeOnlyWhenEveryCourseOpens() {
        Opening late = Opening.of(BEHIND, List.of(from("day 45")));
        Course waits = Course.of(
                Resolver.resolve(
                        new Fixture().protocol().with(Rules.of(List.of(), List.of(late))), Answers.NONE, DAY_ZERO),
                LIBRARY,
                List.of(Fixture.FLEXION),
                history(Side.RIGHT));

        assertThat(standing(person(knee(Side.LEFT, FRONT), waits), "first").opensByTime(FRONT))
                .hasValueSatisfying(day -> assertThat(day.number()).isEqualTo(45));
    }

    /** The other knee fell: it may carry all alone, and yet not before somebody has looked. */
    @Test
    void aFallOfTheOtherLegClosesWhatItCarriesMeanwhile() {
        Event fall = new Event(Event.FALL, DATE.minusDays(1), "slipped", "tester", Optional.empty());
        Event looked = new Event(
                Event.FALL,
                DATE.minusDays(1),
                "slipped",
                "tester",
                Optional.of(new Event.LookedAfter(DATE, "tester", "stable")));

        assertThat(kind(person(knee(Side.RIGHT, LIFTED), fallen(fall)), "first", LIFTED))
                .isEqualTo(VerdictKind.ON_HOLD);
        assertThat(kind(person(knee(Side.RIGHT, LIFTED), fallen(looked)), "first", LIFTED))
                .isEqualTo(VerdictKind.OPEN);
    }

    private static Course fallen(Event event) {
        return knee(
                new History(
                        Side.LEFT,
                        true,
                        Evidence.NONE,
                        List.of(),
                        List.of(),
                        List.of(event),
                        Optional.empty(),
                        Optional.empty()),
                List.of(),
                STANCE);
    }

    /** The other course counts from a day of its own: its day 45 is this one's day 35. */
    @Test
    void theOtherCourseOpensOnItsOwnCount() {
        Opening late = Opening.of(BEHIND, List.of(from("day 45")));
        Course waits = Course.of(
                Resolver.resolve(
                        new Fixture().protocol().with(Rules.of(List.of(), List.of(late))),
                        Answers.NONE,
                        DAY_ZERO.minusDays(10)),
                LIBRARY,
                List.of(Fixture.FLEXION),
                history(Side.RIGHT));

        assertThat(standing(person(knee(Side.LEFT, FRONT), waits), "first").opensByTime(FRONT))
                .hasValueSatisfying(day -> assertThat(day.number()).isEqualTo(35));
    }

    /** A flare is its own course's; what stops all work is told with the others'. */
    @Test
    void theStopsOfEveryCourseAreTold() {
        Hold flag = new Hold(Hold.Kind.RED_FLAG, "calf pain", DATE, DATE, Optional.empty(), "tester");
        Hold flare = new Hold(Hold.Kind.FLARE, "flare", DATE, DATE, Optional.empty(), "tester");
        Person person = person(
                knee(history(Side.LEFT, flare), List.of(), FRONT), knee(history(Side.RIGHT, flag), List.of(), BEHIND));

        assertThat(standing(person, "first").stops()).containsExactly(flag);
        assertThat(standing(person, "second").stops()).containsExactly(flag);
    }

    /** More than the library writes is asked of the other course as well. */
    @Test
    void anAlteredRoleIsAskedOfTheOtherCourseToo() {
        Person person = person(knee(Side.LEFT, BOTH), knee(history(Side.RIGHT), List.of(bendAtMost(50)), BOTH));
        Standing left = standing(person, "first");

        assertThat(left.verdict(role(BOTH, "both", bend(45))).kind()).isEqualTo(VerdictKind.OPEN);
        assertThat(left.verdict(role(BOTH, "both", bend(60)))
                        .reducedTo()
                        .orElseThrow()
                        .demands())
                .containsExactly(bend(50));
    }

    /** With nothing to cut, what the other course bars is barred, and no form is left that both open. */
    @Test
    void whatTheOtherCourseCannotCutIsBarred() {
        Person person = person(knee(Side.LEFT, BOTH), knee(history(Side.RIGHT), List.of(bendAtMost(10)), BOTH));

        assertThat(kind(person, "first", BOTH)).isEqualTo(VerdictKind.BARRED);
        assertThat(standing(person, "first").verdict(BOTH).reducedTo()).isEmpty();
    }

    @Test
    void anUnknownCourseIsRefusedWithWhatIsAllowed() {
        assertThatThrownBy(() -> person(knee(Side.LEFT), knee(Side.RIGHT)).course("third"))
                .hasMessage("course: found 'third', allowed: first, second");
    }

    @Test
    void theOrderOfTheCoursesDoesNotMatter() {
        Course left = knee(Side.LEFT, FRONT, BOTH);
        Course right = knee(Side.RIGHT, BEHIND);
        Map<RoleKey, VerdictKind> one = kinds(person(left, right).course("first"));
        Map<RoleKey, VerdictKind> other =
                kinds(Person.of(List.of(new Episode("second", right), new Episode("first", left)))
                        .course("first"));

        assertThat(one).isEqualTo(other);
    }

    private static Map<RoleKey, VerdictKind> kinds(Course course) {
        Map<RoleKey, VerdictKind> kinds = new HashMap<>();
        course.on(DATE, DATE, Outlook.TIME_ONLY).verdicts().forEach(v -> kinds.put(v.role(), v.kind()));
        return kinds;
    }
}
