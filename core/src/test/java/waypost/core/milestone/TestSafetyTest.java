package waypost.core.milestone;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.DAY_ZERO;
import static waypost.core.gate.Fixture.FLEXION;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.facts;
import static waypost.core.gate.Fixture.flexion;
import static waypost.core.gate.Fixture.from;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import waypost.core.body.Side;
import waypost.core.exercise.Activity;
import waypost.core.gate.DayGate;
import waypost.core.gate.Fixture;
import waypost.core.gate.Gate;
import waypost.core.log.Evidence;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.time.CourseDay;

/** A milestone that lacks a reading which may not be taken yet says so, and from when it may. */
class TestSafetyTest {

    private static final Fixture FIXTURE = new Fixture().asking(bend(30)).open(from("day 30"));

    private static Activity test(String measure) {
        Activity squat = FIXTURE.squat();
        return new Activity.Test(squat.id(), "Squat test", measure, squat.roles(), squat.poses(), List.of(), "none");
    }

    private static Milestone checked(int day, String measure, Reading... readings) {
        Gate gate = Gate.of(FIXTURE.resolved(), List.of(test(measure)), List.of(FLEXION));
        TestSafety safety = TestSafety.of(DayGate.alone(gate, facts(day)), List.of(test(measure)));
        Milestone milestone = Review.of(
                        List.of(Fixture.BEND),
                        Evidence.of(new Readings(List.of(readings))),
                        Yardstick.otherSide(Side.RIGHT, DAY_ZERO),
                        DAY_ZERO.plusDays(day))
                .get(0);
        return safety.checked(milestone);
    }

    @Test
    void missingOrOutOfDateBeforeItsTestIsSafe() {
        assertThat(checked(29, "knee-flexion").state()).isEqualTo(MilestoneState.TEST_NOT_SAFE_YET);
        assertThat(checked(29, "knee-flexion").safeFrom()).isEqualTo(Optional.of(new CourseDay(30)));
        assertThat(checked(29, "knee-flexion", flexion(120, 2)).state()).isEqualTo(MilestoneState.TEST_NOT_SAFE_YET);
    }

    @Test
    void saysWhatItIsWhenTheTestIsSafeOrAnotherMeasuresTestIsNot() {
        assertThat(checked(30, "knee-flexion").state()).isEqualTo(MilestoneState.MISSING);
        assertThat(checked(29, "something-else").state()).isEqualTo(MilestoneState.MISSING);
        assertThat(checked(29, "knee-flexion", flexion(80, 28)).state()).isEqualTo(MilestoneState.NOT_MET);
        assertThat(checked(29, "knee-flexion", flexion(120, 28)).state()).isEqualTo(MilestoneState.MET);
    }

    @ParameterizedTest
    @EnumSource(MilestoneState.class)
    void aReadingIsWantedOnlyWhereOneCouldChangeIt(MilestoneState state) {
        List<MilestoneState> wanting =
                List.of(MilestoneState.PENDING, MilestoneState.OUT_OF_DATE, MilestoneState.MISSING);

        assertThat(state.wantsReading()).isEqualTo(wanting.contains(state));
    }
}
