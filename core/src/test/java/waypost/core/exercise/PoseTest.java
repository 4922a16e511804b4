package waypost.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.bend;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.Loading;
import waypost.core.demand.Posture;

/** Where a figure's joints stand at the start and at the end. */
class PoseTest {

    private static final Pose SEATED = Pose.of(Posture.SITTING, Map.of(Motion.HIP_FLEXION, Degrees.of(80)));

    private static Role role(Demand... demands) {
        return Role.of(new RoleKey("squat", "both"), "both", List.of(demands), Reducible.NOTHING);
    }

    private static Demand.Movement slide(double least, double most) {
        return new Demand.Movement(
                Motion.KNEE_FLEXION,
                Arc.between(least, most),
                Optional.empty(),
                Direction.POSITIVE,
                Mode.ASSISTED,
                Chain.CLOSED,
                Loading.NONE,
                EndRange.SHORT_OF_IT);
    }

    /** A heel slide works toward bending: it starts straight. */
    @Test
    void goesFromTheLeastToTheMostWhereTheMusclesBend() {
        assertThat(SEATED.start(role(slide(10, 90)))).containsEntry(Motion.KNEE_FLEXION, Degrees.of(10));
        assertThat(SEATED.end(role(slide(10, 90)))).containsEntry(Motion.KNEE_FLEXION, Degrees.of(90));
    }

    /** A squat works toward straightening: it is drawn from the bottom up. */
    @Test
    void goesTheOtherWayWhereTheMusclesStraighten() {
        assertThat(SEATED.start(role(bend(60)))).containsEntry(Motion.KNEE_FLEXION, Degrees.of(60));
        assertThat(SEATED.end(role(bend(60)))).containsEntry(Motion.KNEE_FLEXION, Degrees.of(0));
    }

    @Test
    void whatIsStillStaysUnlessTheRoleMovesIt() {
        assertThat(SEATED.start(role(slide(0, 90)))).containsEntry(Motion.HIP_FLEXION, Degrees.of(80));
        assertThat(Pose.of(Posture.SUPINE, Map.of(Motion.KNEE_FLEXION, Degrees.of(45)))
                        .end(role(slide(0, 90))))
                .containsExactly(Map.entry(Motion.KNEE_FLEXION, Degrees.of(90)));
    }
}
