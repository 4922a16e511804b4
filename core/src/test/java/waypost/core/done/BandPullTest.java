package waypost.core.done;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import waypost.core.anatomy.Build;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Spot;
import waypost.core.anatomy.Tether;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.Loading;
import waypost.core.demand.Posture;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.LadderCourse;

/** How long a band is and what it does to the joint that works against it. */
class BandPullTest {

    private static final Build BUILD = Build.MIDDLING;

    private static Activity.Exercise raise(Tether.End from) {
        Demand raise = new Demand.Movement(
                Motion.SHOULDER_FLEXION,
                Arc.between(0, 90),
                Optional.empty(),
                Direction.POSITIVE,
                Mode.RESISTED,
                Chain.OPEN,
                Loading.ADDED,
                EndRange.SHORT_OF_IT);
        Role role = LadderCourse.role(new RoleKey("raise", "operated"), raise);
        Activity.Exercise plain = LadderCourse.exercise("raise", "l", 1, Purpose.STRENGTH, List.of(role));
        Pose pose = new Pose(
                Posture.STANDING,
                Map.of(),
                Pose.Sides.ONE,
                Map.of(),
                List.of(),
                false,
                Optional.of(new Tether(Spot.PALM, from)),
                Optional.empty());
        return plain.done(plain.roles(), Map.of("operated", pose));
    }

    private static BandPull pull(Tether.End from) {
        Activity.Exercise exercise = raise(from);
        return BandPull.of(exercise, exercise.roles().get(0), BUILD).orElseThrow();
    }

    /** A straight arm held level over an anchor straight below the hand: the whole arm is the lever, and it pulls down. */
    @Test
    void straightBelowALevelHandTheArmIsTheLever() {
        double arm = 0.186 * BUILD.statureMetres() + 0.146 * BUILD.statureMetres();
        BandPull far = pull(new Tether.Anchor(Tether.Toward.AHEAD, 0, arm));

        assertThat(far.end().armMetres().orElseThrow()).isBetween(arm * 0.95, arm * 1.35);
        assertThat(far.end().lengthMetres()).isBetween(1.2, 1.6);
    }

    /** Pulling straight up along a hanging arm turns nothing. */
    @Test
    void alongTheArmThereIsNoLever() {
        BandPull above = pull(new Tether.Anchor(Tether.Toward.AHEAD, 2.5, 0));

        assertThat(above.start().armMetres().orElseThrow()).isCloseTo(0, within(0.05));
    }

    /** From behind it resists a raise, from ahead and above it helps. */
    @Test
    void resistsFromBehindAndHelpsFromAhead() {
        assertThat(pull(new Tether.Anchor(Tether.Toward.BEHIND, 1, 1))
                        .end()
                        .armMetres()
                        .orElseThrow())
                .isPositive();
        assertThat(pull(new Tether.Anchor(Tether.Toward.AHEAD, 2.4, 1))
                        .start()
                        .armMetres()
                        .orElseThrow())
                .isNegative();
    }

    @Test
    void aStepAwayFromTheAnchorMakesTheBandLonger() {
        Activity.Exercise near = raise(new Tether.Anchor(Tether.Toward.BEHIND, 1, 1));
        Activity.Exercise further = Raised.anchored(near, 0.4);

        assertThat(BandPull.of(further, further.roles().get(0), BUILD)
                        .orElseThrow()
                        .end()
                        .lengthMetres())
                .isGreaterThan(BandPull.of(near, near.roles().get(0), BUILD)
                                .orElseThrow()
                                .end()
                                .lengthMetres()
                        + 0.3);
    }

    @Test
    void whatEndsAtTheBodyHasNoAnchorToMove() {
        Activity.Exercise under = raise(new Tether.Body(Half.OPERATED, Spot.TOES));

        assertThat(BandPull.of(under, under.roles().get(0), BUILD)
                        .orElseThrow()
                        .end()
                        .armMetres()
                        .orElseThrow())
                .isPositive();
        assertThatThrownBy(() -> Raised.anchored(under, 0.2)).hasMessageContaining("found a band without an anchor");
    }
}
