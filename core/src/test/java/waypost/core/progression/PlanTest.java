package waypost.core.progression;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.flexion;
import static waypost.core.gate.LadderCourse.exercise;
import static waypost.core.gate.LadderCourse.operated;
import static waypost.core.gate.LadderCourse.role;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.demand.Count;
import waypost.core.demand.Demand;
import waypost.core.demand.Lasting;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.gate.LadderCourse;

/** A first plan takes the middle open rung of each ladder, what treats the operated region first, at most eight. */
class PlanTest {

    private static final Demand LONG = new Lasting(new Count(5));

    private static Activity.Exercise rung(int rung) {
        return exercise("press-" + rung, "press", rung, Purpose.STRENGTH);
    }

    /** Of an even number the easier of the two in the middle. */
    @ParameterizedTest
    @CsvSource({"1,press-1", "2,press-1", "3,press-2", "4,press-2", "5,press-3"})
    void theMiddleOpenRung(int rungs, String planned) {
        LadderCourse course = new LadderCourse();
        for (int rung = rungs; rung >= 1; rung--) {
            course.open(rung(rung));
        }

        assertThat(Plan.firstOn(course.standing())).containsExactly(operated(planned));
    }

    @Test
    void whatIsClosedOrFinishedOrNotSpokenOfIsNotPlanned() {
        LadderCourse course = new LadderCourse()
                .reading(flexion(120, 38))
                .open(rung(1))
                .with(rung(2), "day 41")
                .with(rung(3), "day 42")
                .finishedAtTheBend(exercise("bend", "bend", 1, Purpose.MOBILITY))
                .unspoken(exercise("other", "other", 1, Purpose.MOBILITY));

        assertThat(Plan.firstOn(course.standing())).containsExactly(operated("press-1"));
    }

    /** Then by purpose, in the order in which a session goes. */
    @Test
    void whatTreatsTheRegionComesFirst() {
        LadderCourse course = new LadderCourse()
                .open(exercise("ride", "ride", 1, Purpose.MOBILITY, List.of(role(operated("ride"), LONG))))
                .open(exercise("hop", "hop", 1, Purpose.IMPACT))
                .open(exercise("slide", "slide", 1, Purpose.MOBILITY))
                .open(rung(1));

        assertThat(Plan.firstOn(course.standing()))
                .containsExactly(operated("slide"), operated("press-1"), operated("hop"), operated("ride"));
    }

    @Test
    void atMostEight() {
        LadderCourse course = new LadderCourse();
        for (int ladder = 0; ladder < 10; ladder++) {
            course.open(exercise("e" + ladder, "l" + ladder, 1, Purpose.MOBILITY));
        }

        assertThat(Plan.firstOn(course.standing())).hasSize(Plan.MOST).startsWith(operated("e0"));
    }
}
