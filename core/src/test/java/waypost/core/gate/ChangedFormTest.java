package waypost.core.gate;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.LadderCourse.operated;

import java.util.List;
import org.junit.jupiter.api.Test;
import waypost.core.course.Standing;
import waypost.core.demand.Demand;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Role;
import waypost.core.reason.Uncovered;
import waypost.core.reason.VerdictKind;

/** A form that asks more than is written is open only where something that is open that day asks as much. */
class ChangedFormTest {

    private static final Activity.Exercise STEP = LadderCourse.exercise("step", "l", 1, Purpose.STRENGTH);
    private static final Activity.Exercise SQUAT = deep("squat");

    private static Activity.Exercise deep(String id) {
        return LadderCourse.exercise(id, "l", 2, Purpose.STRENGTH, List.of(LadderCourse.role(operated(id), bend(80))));
    }

    private static Verdict verdict(LadderCourse course, double most) {
        Standing standing = course.standing();
        Role step = standing.course().role(operated("step"));
        return standing.verdict(step.with(List.<Demand>of(bend(most))));
    }

    @Test
    void asWrittenAndLessItIsOpen() {
        LadderCourse alone = new LadderCourse().open(STEP);

        assertThat(verdict(alone, 30).kind()).isEqualTo(VerdictKind.OPEN);
        assertThat(verdict(alone, 20).kind()).isEqualTo(VerdictKind.OPEN);
    }

    @Test
    void moreIsClosedWhileNothingElseAsksAsMuch() {
        Verdict further = verdict(new LadderCourse().open(STEP), 60);

        assertThat(further.kind()).isEqualTo(VerdictKind.NOT_COVERED);
        assertThat(further.reasons())
                .singleElement()
                .isInstanceOfSatisfying(
                        Uncovered.AsksMore.class,
                        reason -> assertThat(reason.asked()).containsExactly(bend(60)));
    }

    @Test
    void moreOpensWithAnExerciseThatAsksAsMuch() {
        assertThat(verdict(new LadderCourse().open(STEP).open(SQUAT), 60).kind())
                .isEqualTo(VerdictKind.OPEN);
        assertThat(verdict(new LadderCourse().open(STEP).open(SQUAT), 90).kind())
                .isEqualTo(VerdictKind.NOT_COVERED);
    }

    /** What opens later, or what the protocol is silent on, vouches for nothing. */
    @Test
    void whatIsNotOpenVouchesForNothing() {
        assertThat(verdict(new LadderCourse().open(STEP).with(SQUAT, "day 60"), 60)
                        .kind())
                .isEqualTo(VerdictKind.NOT_COVERED);
        assertThat(verdict(new LadderCourse().open(STEP).unspoken(SQUAT), 60).kind())
                .isEqualTo(VerdictKind.NOT_COVERED);
    }
}
