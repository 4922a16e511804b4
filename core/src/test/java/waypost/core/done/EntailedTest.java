package waypost.core.done;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Tissue;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.GettingDown;
import waypost.core.demand.Kneeling;
import waypost.core.demand.Level;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;
import waypost.core.demand.Loading;
import waypost.core.demand.Posture;
import waypost.core.demand.StrainKind;
import waypost.core.demand.Support;
import waypost.core.exercise.Besides;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;

/** What doing something asks beside what is said of it. */
class EntailedTest {

    private static Role role(String name, Demand... demands) {
        return Role.of(new RoleKey("tried", name), "Tried", List.of(demands), Reducible.NOTHING);
    }

    private static Besides done(Posture posture, Role role, String... equipment) {
        Pose pose = Pose.of(posture, Map.of());
        Done done = Done.of(
                role.name().equals("both") ? pose.of(Pose.Sides.ALIKE) : pose,
                role,
                Optional.empty(),
                List.of(equipment));
        Carried carried = Carried.by(done);
        return Entailed.by(done, carried, Effort.of(done, carried, role), role, List.of(equipment));
    }

    private static Demand.Movement moves(Motion motion, double least, double most, Mode mode, Chain chain) {
        return new Demand.Movement(
                motion,
                Arc.between(least, most),
                Optional.empty(),
                Direction.POSITIVE,
                mode,
                chain,
                Loading.OWN_WEIGHT,
                EndRange.SHORT_OF_IT);
    }

    private static final Demand.Movement RAISE = moves(Motion.SHOULDER_FLEXION, 0, 90, Mode.ACTIVE, Chain.OPEN);
    private static final Demand.Movement PRESS = moves(Motion.SHOULDER_FLEXION, 60, 80, Mode.ACTIVE, Chain.CLOSED);

    private static Demand bears(Limb limb, double percent, Support support) {
        return new Demand.Bearing(limb, BodyShare.ofPercent(percent), support);
    }

    private static Optional<Level> effort(List<Demand> demands, Tissue tissue) {
        return demands.stream()
                .filter(demand -> demand instanceof Demand.TissueLoad load && load.tissue() == tissue)
                .map(demand -> ((Demand.TissueLoad) demand).effort())
                .findFirst();
    }

    @Test
    void raisingAnArmInStandingStandsOnBothLegs() {
        Besides raise = done(Posture.STANDING, role("operated", RAISE));

        assertThat(raise.operated()).contains(bears(Limb.LEG, 50, Support.BOTH));
        assertThat(raise.other()).contains(bears(Limb.LEG, 50, Support.BOTH));
        assertThat(effort(raise.operated(), Tissue.SUPRASPINATUS)).contains(Level.LOW);
        assertThat(effort(raise.operated(), Tissue.DELTOID)).contains(Level.LOW);
    }

    @Test
    void standingStraightAsksNoMuscleToHoldTheKnee() {
        assertThat(done(Posture.STANDING, role("operated", RAISE)).operated())
                .filteredOn(demand -> demand.of() == Motion.KNEE_FLEXION)
                .allMatch(Demand::isCarried)
                .isNotEmpty();
    }

    @Test
    void aSquatBendsHipsAndAnklesThatNobodySpokeOf() {
        Role squat = role(
                "both",
                new Demand.Movement(
                        Motion.KNEE_FLEXION,
                        Arc.between(0, 80),
                        Optional.empty(),
                        Direction.NEGATIVE,
                        Mode.ACTIVE,
                        Chain.CLOSED,
                        Loading.OWN_WEIGHT,
                        EndRange.SHORT_OF_IT),
                bears(Limb.LEG, 50, Support.BOTH));

        assertThat(done(Posture.STANDING, squat).operated())
                .filteredOn(demand -> demand.of() == Motion.HIP_FLEXION || demand.of() == Motion.ANKLE_DORSIFLEXION)
                .hasSize(2)
                .noneMatch(Demand::isCarried);
    }

    /** A role of both sides asks both alike. */
    @ParameterizedTest
    @EnumSource(
            value = Posture.class,
            names = {"STANDING", "HANDS_AND_KNEES", "PLANK"})
    void whatBothSidesDoAlikeAsksBothAlike(Posture posture) {
        Besides besides = done(posture, role("both", bears(Limb.ARM, 40, Support.BOTH)));

        List<Demand> legs = List.of(Motion.HIP_FLEXION, Motion.KNEE_FLEXION).stream()
                .flatMap(motion -> besides.operated().stream().filter(demand -> demand.of() == motion))
                .toList();
        assertThat(besides.other()).containsAll(legs);
        assertThat(share(besides.operated())).isEqualTo(share(besides.other()));
    }

    private static double share(List<Demand> demands) {
        return demands.stream()
                .filter(demand -> demand instanceof Demand.Bearing bearing && bearing.limb() == Limb.LEG)
                .mapToDouble(demand -> ((Demand.Bearing) demand).share().percent())
                .sum();
    }

    @Test
    void onHandsAndKneesOneKneelsAndGotDownThere() {
        Besides onFours = done(Posture.HANDS_AND_KNEES, role("both", bears(Limb.ARM, 30, Support.BOTH)));

        assertThat(onFours.operated())
                .anyMatch(demand ->
                        demand instanceof Kneeling kneeling && kneeling.share().percent() > 20)
                .contains(new GettingDown());
        assertThat(done(Posture.PLANK, role("both", bears(Limb.ARM, 40, Support.BOTH)))
                        .operated())
                .noneMatch(Kneeling.class::isInstance)
                .contains(new GettingDown());
    }

    @Test
    void lyingOnTheOtherSideLiesOnTheOtherArm() {
        Besides lying = done(
                Posture.ON_OTHER_SIDE, role("operated", moves(Motion.HIP_ABDUCTION, 0, 30, Mode.ACTIVE, Chain.OPEN)));

        assertThat(lying.other()).contains(new Demand.Placed(Posture.ON_OPERATED_SIDE));
        assertThat(lying.operated()).noneMatch(Demand.Placed.class::isInstance);
        assertThat(lying.fromOtherSide().operated()).contains(new Demand.Placed(Posture.ON_OPERATED_SIDE));
    }

    @Test
    void howTheBodyIsPlacedIsAskedOfBothSides() {
        Besides prone =
                done(Posture.PRONE, role("operated", moves(Motion.KNEE_FLEXION, 0, 90, Mode.ACTIVE, Chain.OPEN)));

        assertThat(prone.operated()).contains(new Demand.Placed(Posture.PRONE));
        assertThat(prone.other()).contains(new Demand.Placed(Posture.PRONE));
    }

    /** A splint that holds the elbow bent keeps the hand from the wall, not from hanging. */
    @Test
    void aHandThatIsFixedHoldsTheElbowAsItIsPlaced() {
        Demand straight = Demand.Movement.lightly(
                Motion.ELBOW_FLEXION, Arc.between(0, 0), Direction.POSITIVE, Mode.PASSIVE, Chain.OPEN);

        assertThat(done(Posture.STANDING, role("operated", PRESS), "wall").operated())
                .contains(straight);
        assertThat(done(Posture.STANDING, role("operated", RAISE)).operated()).doesNotContain(straight);
    }

    /** A knee that may not bend keeps the foot from the floor before the chair. */
    @Test
    void aFootOnTheFloorBeforeAChairHoldsTheKneeBent() {
        Demand bent = Demand.Movement.lightly(
                Motion.KNEE_FLEXION, Arc.between(90, 90), Direction.POSITIVE, Mode.PASSIVE, Chain.OPEN);
        Role pressed = role("operated", moves(Motion.ANKLE_DORSIFLEXION, -10, 0, Mode.ACTIVE, Chain.CLOSED));
        Role free = role("operated", moves(Motion.ANKLE_DORSIFLEXION, -10, 0, Mode.ACTIVE, Chain.OPEN));

        assertThat(done(Posture.SITTING, pressed).operated()).contains(bent);
        assertThat(done(Posture.SITTING, free).operated()).doesNotContain(bent);
        assertThat(done(Posture.SUPINE, pressed).operated()).doesNotContain(bent);
    }

    @Test
    void aHandThatLeansOnAWallLiesFlatAndOneWithABandGrips() {
        assertThat(done(Posture.STANDING, role("operated", PRESS), "wall").operated())
                .extracting(Demand::of)
                .contains(Motion.WRIST_FLEXION, Motion.MCP_FLEXION, Motion.PIP_FLEXION, Motion.DIP_FLEXION);
        assertThat(effort(
                        done(Posture.STANDING, role("operated", RAISE), "band").operated(), Tissue.FINGER_FLEXORS))
                .contains(Level.LOW);
        assertThat(effort(done(Posture.STANDING, role("operated", RAISE)).operated(), Tissue.FINGER_FLEXORS))
                .isEmpty();
    }

    @Test
    void aHeavierHandWeightNeverLowersWhatTheHandMustHold() {
        Level before = Level.NONE;
        for (double kilograms = 0.5; kilograms < 30; kilograms += 0.5) {
            Role held = role("operated", RAISE, new Demand.Held(Limb.ARM, new Load(kilograms, LoadUnit.KILOGRAMS)));
            Level now = effort(done(Posture.STANDING, held).operated(), Tissue.FINGER_FLEXORS)
                    .orElseThrow();

            assertThat(now).isGreaterThanOrEqualTo(before);
            before = now;
        }
        assertThat(before).isEqualTo(Level.HIGH);
    }

    @Test
    void whatTheFileNamesIsAsTheFileSays() {
        Role named = role(
                "operated",
                RAISE,
                new Demand.TissueLoad(Tissue.DELTOID, Level.HIGH, Mode.ACTIVE, Optional.empty()),
                bears(Limb.LEG, 50, Support.BOTH));

        assertThat(effort(done(Posture.STANDING, named).operated(), Tissue.DELTOID))
                .isEmpty();
        assertThat(done(Posture.STANDING, named).operated()).noneMatch(Demand.Bearing.class::isInstance);
    }

    @Test
    void standingOnOneLegKeepsThePelvisLevelAndLandingWorksTheCalf() {
        Role lands = role(
                "operated",
                bears(Limb.LEG, 250, Support.ONE),
                new Demand.Strain(StrainKind.IMPACT, Limb.LEG, Level.MODERATE));

        assertThat(effort(
                        done(Posture.STANDING, role("operated", bears(Limb.LEG, 100, Support.ONE)))
                                .operated(),
                        Tissue.HIP_ABDUCTORS))
                .contains(Level.MODERATE);
        assertThat(effort(done(Posture.STANDING, lands).operated(), Tissue.HIP_ABDUCTORS))
                .contains(Level.HIGH);
        assertThat(effort(done(Posture.STANDING, lands).operated(), Tissue.CALF))
                .contains(Level.HIGH);
    }

    @Test
    void theWholeAsksWhatIsWorkedOutInEachPartAndGivesTheSaidBack() {
        Role said = role("operated", RAISE).asking(new Besides(List.of(new GettingDown()), List.of()));
        Role whole = said.whole();

        assertThat(whole.demands()).containsExactly(RAISE, new GettingDown());
        assertThat(said.onlySaid(whole)).isEqualTo(said);
    }
}
