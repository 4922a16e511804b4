package waypost.core.function;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Degrees;
import waypost.core.demand.BodyShare;
import waypost.core.measure.Questionnaire;
import waypost.core.measure.Questionnaire.Scoring;
import waypost.core.strength.BodyMass;

class FunctionTest {

    /** The handbook's check value: knee 46 cm, thigh 44 cm, seat 40 cm is 97.8°; with 15° of lean 82.8°. */
    @ParameterizedTest
    @CsvSource({"0,97.8", "15,82.8"})
    void aSeatBendsTheHip(double lean, double degrees) {
        assertThat(new Seat(46, 44, 40).hipFlexion(lean).value()).isEqualTo(degrees, within(0.05));
    }

    @Test
    void aSeatAtKneeHeightBendsARightAngle() {
        assertThat(new Seat(46, 44, 46).hipFlexion(0).value()).isEqualTo(90, within(1e-9));
        assertThat(new Seat(46, 44, 46).leastAdvised()).isEqualTo(51);
        assertThatThrownBy(() -> new Seat(80, 20, 40).hipFlexion(0))
                .hasMessageContaining("allowed: no further than the thigh is long");
        assertThatThrownBy(() -> new Seat(46, 44, 400))
                .hasMessage("seat height: found 400.0 cm, allowed: 10.0 to 120.0 cm");
    }

    /** The handbook's check value: 40 % of 82 kg is 32.8 kg; the band of a tenth is common practice, no source. */
    @Test
    void partialWeightIsATargetWithABand() {
        WeightBearing target = WeightBearing.of(BodyShare.parse("40 %"), new BodyMass(82));

        assertThat(target.target()).isEqualTo(32.8, within(1e-9));
        assertThat(target.least()).isEqualTo(29.52, within(1e-9));
        assertThat(target.most()).isEqualTo(36.08, within(1e-9));
        assertThat(WeightBearing.of(BodyShare.parse("5 %"), new BodyMass(60))).isEqualTo(new WeightBearing(3, 2, 4));
    }

    /** Composite by its definition (Plisky et al. 2006, from memory): 60 + 95 + 90 over three legs of 90 cm. */
    @Test
    void reachesBecomeAComposite() {
        assertThat(new ReachBalance(60, 95, 90).compositePercent(90)).isEqualTo(245 / 270.0 * 100, within(1e-9));
        assertThatThrownBy(() -> new ReachBalance(60, 95, 90).compositePercent(9))
                .hasMessage("leg length: found 9.0 cm, allowed: 30 to 140 cm");
    }

    /** Strickland and Glogovac 1980, original, from memory: 175° of motion is all of it; grades at 85, 70, 50. */
    @ParameterizedTest
    @CsvSource({"100,75,0,100,EXCELLENT", "90,65,20,77.1,GOOD", "70,40,0,62.9,FAIR", "60,30,10,45.7,POOR"})
    void fingerMotionIsGraded(double pip, double dip, double lag, double percent, FingerMotion grade) {
        double found = FingerMotion.percent(pip, dip, lag);

        assertThat(found).isEqualTo(percent, within(0.05));
        assertThat(FingerMotion.of(found)).isEqualTo(grade);
    }

    @ParameterizedTest
    @CsvSource({"85,EXCELLENT", "84.9,GOOD", "70,GOOD", "69.9,FAIR", "50,FAIR", "49.9,POOR", "-5,POOR"})
    void gradesBeginAtTheirBounds(double percent, FingerMotion grade) {
        assertThat(FingerMotion.of(percent)).isEqualTo(grade);
    }

    @Test
    void aRunAsksForContacts() {
        assertThat(GroundContacts.ofRun(10, 165).count()).isEqualTo(1650);
        assertThat(GroundContacts.ofRun(1, 165).perFoot()).isEqualTo(83);
        assertThatThrownBy(() -> GroundContacts.ofRun(10, 20)).hasMessageContaining("60 to 240");
    }

    /** Patterson et al. 2019, from memory: 40 to 80 % of occlusion pressure, 20 to 40 % of the maximum, 75 repetitions. */
    @Test
    void theCuffIsSetOnlyWhenEveryQuestionIsAnsweredNo() {
        Set<BloodFlowRestriction.Caution> all = EnumSet.allOf(BloodFlowRestriction.Caution.class);
        BloodFlowRestriction cuff = BloodFlowRestriction.of(all, 180, 60);

        assertThat(cuff).isEqualTo(new BloodFlowRestriction(72, 144, 12, 24));
        assertThat(BloodFlowRestriction.REPETITIONS.stream()
                        .mapToInt(Integer::intValue)
                        .sum())
                .isEqualTo(75);
        Set<BloodFlowRestriction.Caution> oneLeft = all.stream()
                .filter(caution -> caution != BloodFlowRestriction.Caution.CLOTS)
                .collect(Collectors.toSet());
        assertThatThrownBy(() -> BloodFlowRestriction.of(oneLeft, 180, 60))
                .hasMessage("cuff: found 1 questions answered yes or not at all, allowed: every one asked and"
                        + " answered no");
        assertThatThrownBy(() -> BloodFlowRestriction.of(all, 20, 60)).hasMessageContaining("50 to 300 mmHg");
    }

    private static List<Optional<Integer>> answers(int items, int each) {
        return Stream.generate(() -> Optional.of(each)).limit(items).toList();
    }

    /** Scores by their published arithmetic, from memory: 20 items of 0 to 4 are 0 to 80. */
    @ParameterizedTest
    @CsvSource({"0,0", "4,80", "3,60"})
    void theLowerExtremityScoreAddsUp(int each, double score) {
        assertThat(new Questionnaire(20, 20, 0, 4, Scoring.SUM).score(answers(20, each)))
                .isEqualTo(score);
    }

    /** ((mean of answers) − 1) × 25 with at least 10 of 11 answered, from memory. */
    @Test
    void theShortArmScoreBearsOneMissingAnswer() {
        Questionnaire arm = new Questionnaire(11, 10, 1, 5, Scoring.MEAN_TO_HUNDRED);
        List<Optional<Integer>> oneMissing = Stream.concat(
                        answers(10, 3).stream(), Stream.of(Optional.<Integer>empty()))
                .toList();
        List<Optional<Integer>> twoMissing = Stream.concat(
                        answers(9, 3).stream(), Stream.of(Optional.<Integer>empty(), Optional.<Integer>empty()))
                .toList();

        assertThat(arm.score(answers(11, 1))).isEqualTo(0);
        assertThat(arm.score(answers(11, 5))).isEqualTo(100);
        assertThat(arm.score(oneMissing)).isEqualTo(50);
        assertThatThrownBy(() -> arm.score(twoMissing))
                .hasMessage("answers: found 9 given, allowed: at least 10 of 11");
        assertThatThrownBy(() -> arm.score(answers(11, 6))).hasMessage("answers: found 6, allowed: 1 to 5");
        assertThatThrownBy(() -> arm.score(answers(10, 3))).hasMessageContaining("one for each item");
    }

    @Test
    void thePatientSpecificScaleIsAMean() {
        Questionnaire scale = new Questionnaire(5, 1, 0, 10, Scoring.MEAN);

        assertThat(scale.score(
                        List.of(Optional.of(4), Optional.of(7), Optional.empty(), Optional.empty(), Optional.empty())))
                .isEqualTo(5.5);
    }

    /** The seat that bends the hip just to its ceiling, and back again to the same angle. */
    @ParameterizedTest
    @CsvSource({"46,44,90,0,46", "46,44,80,0,53.6", "46,44,90,15,34.6", "40,40,70,0,53.7", "46,44,120,0,24"})
    void theLeastSeatForACeiling(double knee, double thigh, double ceiling, double lean, double least) {
        double height = Seat.leastFor(knee, thigh, Degrees.of(ceiling), lean);
        assertThat(height).isCloseTo(least, within(0.05));
        assertThat(new Seat(knee, thigh, height).hipFlexion(lean).value()).isCloseTo(ceiling, within(0.01));
    }
}
