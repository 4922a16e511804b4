package waypost.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.DAY_ZERO;
import static waypost.core.gate.Fixture.ROLE;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.flexion;
import static waypost.core.gate.Fixture.from;
import static waypost.core.gate.Fixture.graftIs;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import waypost.core.body.Arc;
import waypost.core.body.Motion;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.gate.Fixture;
import waypost.core.limit.Allowed;
import waypost.core.limit.Circumstance;
import waypost.core.limit.MotionLimit;
import waypost.core.limit.RuleHead;
import waypost.core.log.Evidence;
import waypost.core.log.Hold;
import waypost.core.measure.Readings;
import waypost.core.milestone.Milestone;
import waypost.core.milestone.MilestoneState;
import waypost.core.question.Answers;
import waypost.core.reason.VerdictKind;
import waypost.core.time.CourseDay;

class DifferenceTest {

    private static MotionLimit bendTo(RuleHead head, double most) {
        return new MotionLimit(
                head, Circumstance.any(Motion.KNEE_FLEXION), Fixture.sixWeeks(Allowed.within(Arc.between(-25, most))));
    }

    private static Course course(Answers answers) {
        return new Fixture()
                .asking(bend(90))
                .reducible(Fixture.downTo(20))
                .limit(bendTo(Fixture.head("donor", graftIs("donor")), 60))
                .open(from("completed week 2"))
                .answers(answers)
                .course();
    }

    private static Standing on(Course course, int day) {
        return course.on(DAY_ZERO.plusDays(day), DAY_ZERO.plusDays(day), Outlook.TIME_ONLY);
    }

    @Test
    void nothingIsOtherwiseInOneAndTheSame() {
        Standing standing = on(course(Answers.NONE), 20);

        assertThat(Difference.between(standing, standing).isNothing()).isTrue();
    }

    @Test
    void timeOpensAndALimitThatEndsFrees() {
        Course course = course(Answers.NONE);

        assertThat(Difference.between(on(course, 13), on(course, 14)).turned(Turned.Way.OPENS))
                .extracting(Turned::role)
                .containsExactly(ROLE);
        Difference end = Difference.between(on(course, 41), on(course, 42));
        assertThat(end.turned(Turned.Way.FREED)).hasSize(1);
        assertThat(end.precautions()).singleElement().satisfies(ended -> {
            assertThat(ended.before()).hasSize(1);
            assertThat(ended.after()).isEmpty();
        });
    }

    @Test
    void anAnswerThatTakesALimitAwayFreesAndTheOtherWayRoundLimits() {
        Standing unknown = on(course(Answers.NONE), 20);
        Standing tendon = on(course(Answers.NONE.with("graft", "tendon")), 20);

        assertThat(Difference.between(unknown, tendon).turned(Turned.Way.FREED)).hasSize(1);
        assertThat(Difference.between(tendon, unknown).turned(Turned.Way.LIMITED))
                .hasSize(1);
    }

    @Test
    void aReadingTurnsItsMilestone() {
        Course before = course(Answers.NONE);
        Course after = before.with(
                History.of(Side.RIGHT, Evidence.of(new Readings(List.of(flexion(120, 20)))), List.of(), List.of()));

        assertThat(Difference.between(on(before, 20), on(after, 20)).milestones())
                .singleElement()
                .satisfies(turned -> {
                    assertThat(turned.before().map(Milestone::state)).contains(MilestoneState.MISSING);
                    assertThat(turned.after().map(Milestone::state)).contains(MilestoneState.MET);
                });
    }

    @Test
    void aHoldClosesWhatWasOpen() {
        Course before = course(Answers.NONE);
        Hold hold = new Hold(
                Hold.Kind.OTHER, "calf", DAY_ZERO.plusDays(19), DAY_ZERO.plusDays(22), Optional.empty(), "tester");
        Course after = before.with(History.of(Side.RIGHT, Evidence.NONE, List.of(), List.of(hold)));

        assertThat(Difference.between(on(before, 20), on(after, 20)).turned(Turned.Way.CLOSES))
                .singleElement()
                .satisfies(turned -> assertThat(turned.after().kind()).isEqualTo(VerdictKind.ON_HOLD));
    }

    @Test
    void twoLimitsOnOneThingAreToldAsOneThatChanges() {
        Course wide = new Fixture()
                .asking(bend(90))
                .limit(bendTo(Fixture.head("wide"), 90))
                .course();
        Course narrow = new Fixture()
                .asking(bend(90))
                .limit(bendTo(Fixture.head("narrow"), 60))
                .course();

        assertThat(Difference.between(on(wide, 5), on(narrow, 5)).precautions())
                .singleElement()
                .satisfies(both -> {
                    assertThat(both.before()).hasSize(1);
                    assertThat(both.after()).hasSize(1);
                });
    }

    @Test
    void acrossAWholeCourseEveryStretchHasItsDays() {
        Comparison comparison = Comparison.of(
                course(Answers.NONE.with("graft", "tendon")), course(Answers.NONE.with("graft", "donor")));

        assertThat(comparison.roles()).singleElement().satisfies(role -> {
            assertThat(role.opensOtherwise()).isFalse();
            assertThat(role.opensLeft()).contains(new CourseDay(14));
            assertThat(role.stretches()).singleElement().satisfies(stretch -> {
                assertThat(stretch.from()).isEqualTo(new CourseDay(14));
                assertThat(stretch.until()).contains(new CourseDay(42));
                assertThat(stretch.what())
                        .isEqualTo(new RoleDifference.Kinds(VerdictKind.OPEN, VerdictKind.OPEN_WITH_LIMIT));
            });
        });
        assertThat(comparison.limits())
                .singleElement()
                .satisfies(limit -> assertThat(limit.stretches())
                        .singleElement()
                        .satisfies(stretch -> {
                            assertThat(stretch.from()).isEqualTo(new CourseDay(0));
                            assertThat(stretch.until()).contains(new CourseDay(42));
                        }));
    }

    @Test
    void aRoleThatOneLibraryLacksIsNotCoveredThere() {
        Course with = course(Answers.NONE.with("graft", "tendon"));
        Course without = Course.of(with.resolved(), List.of(), List.of(Fixture.FLEXION), with.history());

        assertThat(Comparison.of(without, with).roles()).singleElement().satisfies(role -> {
            assertThat(role.opensLeft()).isEmpty();
            assertThat(role.opensRight()).contains(new CourseDay(14));
        });
    }
}
