package waypost.core.anatomy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static waypost.core.anatomy.Stances.angles;
import static waypost.core.anatomy.Stances.at;
import static waypost.core.anatomy.Stances.touching;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.core.body.Degrees;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.body.Motion;

/** What a body carries and holds, beside published measurements (from memory) and hand calculations. */
class BodyTest {

    private static final Build BUILD = Build.MIDDLING;
    private static final double POINTS = 5;

    private static Held held(Stance stance, Pull... pulls) {
        Skeleton skeleton = new Placing(BUILD).place(stance);
        return Equilibrium.of(skeleton, stance.contacts(), List.of(pulls));
    }

    private static double hands(Stance stance) {
        Held held = held(stance);
        return held.sharePercent(Half.OPERATED, Limb.ARM) + held.sharePercent(Half.OTHER, Limb.ARM);
    }

    @Test
    void isWhole() {
        double mass = Stream.of(Segment.values())
                .mapToDouble(segment -> segment.massShare() * (segment.isPaired() ? 2 : 1))
                .sum();

        assertThat(mass).isCloseTo(1, within(1e-9));
    }

    /** From floor to crown by the shares: ankle, shank, thigh, trunk, head. */
    @Test
    void standsAsTallAsItIs() {
        Skeleton standing = new Placing(BUILD).place(Stances.standing(Map.of()));

        assertThat(standing.end(Half.OPERATED, Segment.HEAD).getZ()).isCloseTo(BUILD.statureMetres(), within(0.01));
        assertThat(standing.spot(Half.OPERATED, Spot.HEEL).getZ()).isCloseTo(0, within(0.001));
        // The centre of mass of a standing adult, 55 to 57 % of stature: common textbook value, from memory.
        assertThat(standing.centre().getZ() / BUILD.statureMetres()).isBetween(0.54, 0.585);
    }

    /** Suprak, Dawes and Stephenson 2011, from memory: 69 and 75 % of body mass on the hands; on the knees 54 and 62 %. */
    static Stream<Arguments> suprak() {
        return Stream.of(
                Arguments.of("up", Stances.pressUp(Spot.TOES, 66, 0, 0), 69.2),
                Arguments.of("down", Stances.pressDown(Spot.TOES, -10), 75.0),
                Arguments.of("kneeling up", Stances.pressUp(Spot.KNEE, 51, 0, 0), 53.6),
                Arguments.of("kneeling down", Stances.pressDown(Spot.KNEE, -15), 61.8));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("suprak")
    void carriesOnItsHandsWhatWasMeasured(String name, Stance stance, double measured) {
        assertThat(hands(stance)).as(name).isCloseTo(measured, within(POINTS));
    }

    /** Ebben and others 2011, from memory: hands on 60 cm about 41 %, feet on 60 cm about 74 %. */
    @Test
    void carriesLessWithItsHandsHigherAndMoreWithItsFeetHigher() {
        double raised = hands(Stances.pressUp(Spot.TOES, 90, 0.6, 0));
        double flat = hands(Stances.pressUp(Spot.TOES, 66, 0, 0));
        double feetUp = hands(Stances.pressUp(Spot.TOES, 90, 0, 0.6));

        assertThat(raised).isCloseTo(41, within(POINTS));
        assertThat(feetUp).isCloseTo(74, within(POINTS)).isGreaterThan(flat);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.75, 0.9})
    void aHigherHandSupportNeverRaisesTheHandsShare(double height) {
        assertThat(hands(Stances.pressUp(Spot.TOES, 80, height, 0)))
                .isLessThanOrEqualTo(hands(Stances.pressUp(Spot.TOES, 80, height - 0.1, 0)));
    }

    /** All of it on the foot, and at the hip all but the leg that stands: thigh, shank and foot, 16.1 %. */
    @Test
    void standsOnOneLegWithAllButThatLegAboveItsHip() {
        Held held = held(Stances.onOneFoot(Half.OPERATED));

        assertThat(held.sharePercent(Half.OPERATED, Limb.LEG)).isCloseTo(100, within(0.1));
        assertThat(held.throughPercent(Half.OPERATED, Joint.HIP)).isCloseTo(83.9, within(0.1));
        assertThat(held.throughPercent(Half.OPERATED, Joint.KNEE)).isCloseTo(93.9, within(0.1));
        // The trunk would fall to the lifted leg: abductors hold it, on a lever of about the hip's distance from the
        // middle.
        assertThat(held.torque(Half.OPERATED, Joint.HIP).outward())
                .isBetween(
                        0.03 * BUILD.statureMetres() * BUILD.weight(), 0.06 * BUILD.statureMetres() * BUILD.weight());
    }

    @Test
    void sharesBetweenBothFeet() {
        Held held = held(Stances.standing(Map.of()));

        assertThat(held.sharePercent(Half.OPERATED, Limb.LEG)).isCloseTo(50, within(0.1));
        assertThat(held.sharePercent(Half.OTHER, Limb.LEG)).isCloseTo(50, within(0.1));
    }

    /**
     * Moments about the knees: trunk, head and arms lie ahead of them by the trunk's shares, thighs stand above them, shanks and
     * feet lie behind. Hands are under the shoulders, a half-hand further ahead.
     */
    @Test
    void carriesOnHandsAndKneesWhatMomentsSay() {
        double trunk = 0.497 * 0.144 + 0.081 * (0.288 + 0.62 * 0.182) + 0.1 * 0.288 + 2 * 0.006 * 0.055;
        double behind = 2 * 0.0465 * 0.433 * 0.246 + 2 * 0.0145 * 0.27;
        double expected = (trunk - behind) / (0.288 + 0.506 * 0.108) * 100;

        assertThat(hands(Stances.handsAndKnees())).isCloseTo(expected, within(3.0));
    }

    /** Arm held level ahead: each segment's weight times how far out it lies, by hand: 11.0 Nm, with 2 kg 24.3 Nm. */
    @Test
    void holdsAnArmLevel() {
        double arm = 9.81 * (2.1 * 0.436 * 0.3255 + 1.2 * (0.3255 + 0.43 * 0.2555) + 0.45 * (0.581 + 0.506 * 0.189));
        Stance level = Stances.standing(angles(Motion.SHOULDER_FLEXION, 90));

        assertThat(held(level).torque(Half.OPERATED, Joint.SHOULDER).bending()).isCloseTo(arm, within(0.3));
        assertThat(held(level, Pull.ofWeight(Half.OPERATED, Spot.PALM, 2))
                        .torque(Half.OPERATED, Joint.SHOULDER)
                        .bending())
                .isCloseTo(arm + 2 * 9.81 * 0.6766, within(0.5));
        Stance aside = Stances.standing(angles(Motion.SHOULDER_ABDUCTION, 90));
        assertThat(held(aside).torque(Half.OPERATED, Joint.SHOULDER).outward()).isCloseTo(arm, within(0.3));
        assertThat(held(aside).torque(Half.OTHER, Joint.SHOULDER).outward()).isCloseTo(arm, within(0.3));
    }

    /** Knee straight while sitting, 5 kg at the ankle, by hand: the quadriceps hold 9.81 x (3.49 x 0.186 + 1.09 x 0.465 + 5 x 0.431). */
    @Test
    void straightensAKneeAgainstAnAnkleWeight() {
        Stance sitting = new Stance(
                Attitude.UPRIGHT,
                JointAngles.alike(angles(Motion.HIP_FLEXION, 90)),
                touching(Contact.both(Spot.SEAT, at(0.45)), Contact.both(Spot.THIGH_BACK, at(0.45))));
        double expected = 9.81 * (3.4875 * 0.433 * 0.4305 + 1.0875 * (0.4305 + 0.034) + 5 * 0.4305);

        assertThat(-held(sitting, Pull.ofWeight(Half.OPERATED, Spot.ANKLE, 5))
                        .torque(Half.OPERATED, Joint.KNEE)
                        .bending())
                .isCloseTo(expected, within(0.5));
    }

    @Test
    void leaningForwardInASquatLoadsTheHipMoreAndTheKneeLess() {
        Held upright = held(Stances.standing(angles(Motion.HIP_FLEXION, 70, Motion.KNEE_FLEXION, 80)));
        Held leaning = held(Stances.standing(angles(Motion.HIP_FLEXION, 100, Motion.KNEE_FLEXION, 80)));

        assertThat(-leaning.torque(Half.OPERATED, Joint.HIP).bending())
                .isGreaterThan(-upright.torque(Half.OPERATED, Joint.HIP).bending() + 10);
        assertThat(-leaning.torque(Half.OPERATED, Joint.KNEE).bending())
                .isLessThan(-upright.torque(Half.OPERATED, Joint.KNEE).bending() - 10);
    }

    /** Trunk and head hang between shoulder blades and feet; the feet carry about a third, by moments about the blades. */
    @Test
    void bridgesBetweenShouldersAndFeet() {
        Held held = held(Stances.bridge());
        double feet = held.sharePercent(Half.OPERATED, Limb.LEG) + held.sharePercent(Half.OTHER, Limb.LEG);
        // Along the ground from the blades: trunk 0.116, thighs 0.366, shanks and feet under the knees 0.505, head and
        // arms about 0.
        double byHand = (0.497 * 0.116 + 0.2 * 0.366 + 0.122 * 0.505 - 0.081 * 0.141 - 0.1 * 0.0) / 0.53 * 100;

        assertThat(feet).isCloseTo(byHand, within(POINTS));
        assertThat(held.sharePercent(Half.OPERATED, Limb.LEG)).isCloseTo(feet / 2, within(0.1));
    }

    /** The wall pushes and does not carry: the feet bear all, and knees at right angles hold half of it each by the thigh's lever. */
    @Test
    void leansOnAWallThatDoesNotCarry() {
        Held held = held(Stances.wallSquat(90));

        assertThat(held.sharePercent(Half.OPERATED, Limb.LEG)).isCloseTo(50, within(8.0));
        assertThat(held.pressPercent(contact -> contact.surface() == Surface.Upright.BEHIND))
                .isPositive();
        assertThat(-held.torque(Half.OPERATED, Joint.KNEE).bending()).isGreaterThan(40);
    }

    @Test
    void mirroredIsMirrored() {
        List<Stance> all = List.of(
                Stances.onOneFoot(Half.OPERATED),
                Stances.handsAndKnees(),
                Stances.standing(angles(Motion.SHOULDER_ABDUCTION, 90))
                        .with(JointAngles.alike(angles(Motion.HIP_FLEXION, 30, Motion.KNEE_FLEXION, 40))
                                .with(Half.OPERATED, Motion.SHOULDER_ABDUCTION, Degrees.of(80))
                                .with(Half.OPERATED, Motion.SHOULDER_ROTATION, Degrees.of(30))));
        for (Stance stance : all) {
            Held one = held(stance, Pull.ofWeight(Half.OPERATED, Spot.PALM, 3));
            Held other = held(
                    stance.mirrored(),
                    Pull.ofWeight(Half.OPERATED, Spot.PALM, 3).mirrored());
            for (Joint joint : List.of(Joint.SHOULDER, Joint.ELBOW, Joint.HIP, Joint.KNEE, Joint.ANKLE)) {
                JointMoment mine = one.torque(Half.OPERATED, joint);
                JointMoment theirs = other.torque(Half.OTHER, joint);
                assertThat(theirs.bending()).as(joint + " of " + stance).isCloseTo(mine.bending(), within(0.2));
                assertThat(theirs.outward()).as(joint + " of " + stance).isCloseTo(mine.outward(), within(0.2));
                assertThat(theirs.turning()).as(joint + " of " + stance).isCloseTo(mine.turning(), within(0.2));
            }
            assertThat(other.sharePercent(Half.OTHER, Limb.LEG))
                    .isCloseTo(one.sharePercent(Half.OPERATED, Limb.LEG), within(0.2));
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 20, 45, 70, 90, 120, 150})
    void aHeavierHandWeightNeverLowersWhatTheShoulderHolds(int lifted) {
        Stance stance = Stances.standing(angles(Motion.SHOULDER_FLEXION, lifted, Motion.ELBOW_FLEXION, 20));
        double before = 0;
        for (int kilograms = 0; kilograms <= 20; kilograms += 2) {
            double now = held(stance, Pull.ofWeight(Half.OPERATED, Spot.PALM, kilograms))
                    .torque(Half.OPERATED, Joint.SHOULDER)
                    .whole();
            assertThat(now).isGreaterThanOrEqualTo(before - 1e-6);
            before = now;
        }
    }

    @Test
    void saysWhereItCannotStandSo() {
        Stance falling = Stances.standing(angles(Motion.HIP_FLEXION, 90, Motion.ANKLE_DORSIFLEXION, -30));

        assertThatThrownBy(() -> held(falling)).hasMessageContaining("tips over");
    }

    @Test
    void touchesWhatItIsSaidToTouch() {
        for (Stance stance : List.of(
                Stances.pressUp(Spot.TOES, 66, 0, 0),
                Stances.pressUp(Spot.KNEE, 51, 0, 0),
                Stances.handsAndKnees(),
                Stances.bridge(),
                Stances.standing(angles(Motion.HIP_FLEXION, 70, Motion.KNEE_FLEXION, 80)))) {
            assertThat(Placing.misfit(new Placing(BUILD).place(stance), stance))
                    .as(stance.toString())
                    .isLessThan(0.04);
        }
    }

    @Test
    void refusesABuildThatIsNobodys() {
        assertThatThrownBy(() -> new Build(0.3, 75)).hasMessageContaining("allowed: 1.0 to 2.3 m");
        assertThatThrownBy(() -> new Build(1.7, 900)).hasMessageContaining("allowed: 25.0 to 300.0 kg");
        assertThatThrownBy(() -> new Build(Double.NaN, 75)).hasMessageContaining("stature");
    }
}
