package waypost.core.done;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import waypost.core.anatomy.Half;
import waypost.core.body.Degrees;
import waypost.core.body.Limb;
import waypost.core.body.Motion;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Demand;
import waypost.core.demand.Posture;
import waypost.core.demand.Support;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;

/** What limbs carry though no file says it. */
class CarriedTest {

    private static final Demand NOTHING_OF_THE_LEGS =
            new Demand.Bearing(Limb.ARM, BodyShare.ofPercent(30), Support.BOTH);

    private static Role role(String name, Demand... demands) {
        return Role.of(new RoleKey("tried", name), "Tried", List.of(demands), Reducible.NOTHING);
    }

    private static Carried carried(Posture posture, Role role) {
        Pose pose = Pose.of(posture, Map.of());
        return Carried.by(Done.of(
                role.name().equals("both") ? pose.of(Pose.Sides.ALIKE) : pose, role, Optional.empty(), List.of()));
    }

    /** Hands carry about 69 % of a push-up held up (Suprak and others 2011, from memory): a third each, the rest on the toes. */
    @Test
    void aPushUpIsDoneOnTheLegsToo() {
        Carried pushUp = carried(Posture.PLANK, role("both", NOTHING_OF_THE_LEGS));

        assertThat(pushUp.percent(Half.OPERATED, Limb.ARM)).isCloseTo(34.5, within(3.0));
        assertThat(pushUp.percent(Half.OPERATED, Limb.LEG)).isCloseTo(15.5, within(3.0));
        assertThat(pushUp.percent(Half.OTHER, Limb.LEG)).isCloseTo(15.5, within(3.0));
    }

    @Test
    void onHandsAndKneesTheLegsCarryMore() {
        Carried onFours = carried(Posture.HANDS_AND_KNEES, role("both", NOTHING_OF_THE_LEGS));

        assertThat(onFours.percent(Half.OPERATED, Limb.LEG)).isGreaterThan(onFours.percent(Half.OPERATED, Limb.ARM));
        assertThat(onFours.percent(Half.OPERATED, Limb.LEG) + onFours.percent(Half.OPERATED, Limb.ARM))
                .isCloseTo(50, within(0.5));
    }

    @Test
    void anArmsExerciseInStandingIsDoneOnBothLegs() {
        assertThat(carried(Posture.STANDING, role("operated", NOTHING_OF_THE_LEGS))
                        .percent(Half.OPERATED, Limb.LEG))
                .isCloseTo(50, within(0.5));
    }

    @Test
    void whoStandsOnOneLegStandsOnItWhole() {
        Demand alone = new Demand.Bearing(Limb.LEG, BodyShare.ofPercent(100), Support.ONE);
        Demand lifted = new Demand.Bearing(Limb.LEG, BodyShare.ofPercent(0), Support.ONE);

        assertThat(carried(Posture.STANDING, role("operated", alone)).percent(Half.OPERATED, Limb.LEG))
                .isCloseTo(100, within(0.5));
        assertThat(carried(Posture.STANDING, role("operated", lifted)).percent(Half.OTHER, Limb.LEG))
                .isCloseTo(100, within(0.5));
        assertThat(carried(Posture.STANDING, role("operated", lifted)).percent(Half.OPERATED, Limb.LEG))
                .isZero();
    }

    @Test
    void lyingAndSittingNothingIsCarriedByLimbs() {
        for (Posture posture : List.of(
                Posture.SUPINE, Posture.PRONE, Posture.SITTING, Posture.ON_OPERATED_SIDE, Posture.ON_OTHER_SIDE)) {
            assertThat(carried(posture, role("operated", NOTHING_OF_THE_LEGS)).percent(Half.OPERATED, Limb.LEG))
                    .as(posture.toString())
                    .isZero();
        }
    }

    @Test
    void whatAFileSaysOfAJointStays() {
        Pose bent = Pose.of(Posture.PLANK, Map.of(Motion.ELBOW_FLEXION, Degrees.of(15)))
                .of(Pose.Sides.ALIKE);

        assertThat(Done.of(bent, role("both", NOTHING_OF_THE_LEGS), Optional.empty(), List.of())
                        .start()
                        .angles()
                        .at(Half.OTHER, Motion.ELBOW_FLEXION))
                .isEqualTo(15);
    }
}
