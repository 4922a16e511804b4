package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Arc;
import waypost.core.body.Motion;
import waypost.core.demand.BodyShare;
import waypost.core.limit.Allowed;
import waypost.core.reason.Reason;
import waypost.core.reason.VerdictKind;

/** The handbook's numbers for hip replacement; common practice, no source. */
class HipReplacementTableTest {

    private static final String POSTERIOR = "approach=posterior weight=as-tolerated precautions=set duration=";

    private static TableCourse hip(String answers) {
        return new TableCourse("hip.replacement")
                .with("block=none operation=first side-muscles=none bone=none " + answers);
    }

    @ParameterizedTest
    @CsvSource({"six,41,true", "six,42,false", "twelve,83,true", "twelve,84,false"})
    void posteriorPrecautionsHoldSixOrTwelveWeeks(String weeks, int day, boolean holds) {
        TableCourse course = hip(POSTERIOR + weeks);

        for (String rule : new String[] {"posterior.bend.", "posterior.cross.", "posterior.toes-in."}) {
            assertThat(course.limit(rule + weeks, day).isPresent()).isEqualTo(holds);
        }
    }

    @Test
    void notPastNinetyNotAcrossNotTurnedIn() {
        TableCourse course = hip(POSTERIOR + "twelve");

        assertThat(course.limit("posterior.bend.twelve", 10))
                .isEqualTo(Optional.of(Allowed.within(
                        new Arc(Motion.HIP_FLEXION.possible().least(), waypost.core.body.Degrees.of(90)))));
        assertThat(course.limit("posterior.cross.twelve", 10))
                .isEqualTo(Optional.of(Allowed.within(Arc.between(0, 90))));
        assertThat(course.limit("posterior.toes-in.twelve", 10))
                .isEqualTo(Optional.of(Allowed.within(Arc.between(0, 100))));
    }

    /** Above all no combination of them, whatever the school of precautions says. */
    @Test
    void theCombinationStaysBarredEvenWithoutPrecautions() {
        TableCourse none = hip("approach=posterior weight=as-tolerated precautions=none duration=six");

        assertThat(none.limit("posterior.bend.six", 10)).isEmpty();
        assertThat(none.allowsNothing("posterior.combined", 100)).isTrue();
        assertThat(none.standing(10).precautions())
                .filteredOn(p -> p.limit().from().ruleId().equals("hip-precautions.posterior.combined"))
                .allMatch(p -> p.limit().from().surgeonOnly());
    }

    @Test
    void lateralApproachWaitsSixWeeksForAbduction() {
        TableCourse lateral = hip("approach=lateral weight=as-tolerated");

        assertThat(lateral.firstOpen("lying-abduction/operated")).contains(42);
        assertThat(lateral.firstOpen("abduction-standing/operated")).contains(56);
        assertThat(hip("approach=anterior weight=as-tolerated").firstOpen("lying-abduction/operated"))
                .contains(1);
    }

    /** Posterior: toward the other side. Anterior, or unknown: step round, no pivot, do not leave it behind. */
    @ParameterizedTest
    @CsvSource({
        "approach=posterior,turn toward the other side",
        "approach=anterior,step round in small steps",
        "'',step round in small steps"
    })
    void turningGoesByTheApproach(String answers, String way) {
        assertThat(hip(answers + " weight=as-tolerated")
                        .on(5, "turn-round/both")
                        .reasons())
                .filteredOn(Reason.SetUpNeeded.class::isInstance)
                .singleElement()
                .satisfies(reason ->
                        assertThat(((Reason.SetUpNeeded) reason).way()).startsWith(way));
    }

    /** Chair tests pass 90° on a usual chair: from a raised seat while bending is limited. */
    @Test
    void chairsAreRaisedWhileBendingIsLimited() {
        TableCourse course = hip(POSTERIOR + "twelve");

        assertThat(course.on(10, "chair-rise/both").kind()).isEqualTo(VerdictKind.OPEN_WITH_LIMIT);
        assertThat(course.on(10, "chair-rise/both").reducedTo().orElseThrow().setUps())
                .containsExactly("raised-seat");
        assertThat(course.firstOpen("five-rises/operated")).contains(42);
        assertThat(course.firstOpen("up-and-go/operated")).contains(42);
    }

    @ParameterizedTest
    @CsvSource({"0,20", "27,20", "28,50", "41,50"})
    void partialWeightBearingRisesInSteps(int day, double percent) {
        assertThat(hip("approach=anterior weight=partial").limit("new-joint.weight.partial", day))
                .isEqualTo(Optional.of(Allowed.within(BodyShare.ofPercent(percent))));
        assertThat(hip("approach=anterior weight=as-tolerated").limit("new-joint.weight.partial", day))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "ankle-pumps/operated,0",
        "glute-squeeze/operated,0",
        "walk-frame/both,0",
        "walk-crutches/both,1",
        "chair-push-up/both,1",
        "walk-cane/both,14",
        "walk-free/both,28",
        "side-steps-band/both,56",
        "abductor-hold/operated,84"
    })
    void opensOnItsDay(String role, int day) {
        assertThat(hip(POSTERIOR + "twelve").firstOpen(role)).contains(day);
    }

    @Test
    void unknownApproachKeepsTheRulesOfAll() {
        assertThat(hip("").standing(10).precautions())
                .extracting(p -> p.limit().from().ruleId())
                .contains(
                        "hip-precautions.posterior.bend.twelve",
                        "hip-precautions.anterior.back",
                        "hip-precautions.lateral.abduction",
                        "new-joint.weight.partial");
    }

    /** Not said means the strictest: bone, abductors, revision and a leg that may be numb. */
    @ParameterizedTest
    @CsvSource({
        "bone=broken,walk-free/both,56",
        "side-muscles=tendon,lying-abduction/operated,56",
        "side-muscles=trochanter,walk-cane/both,56",
        "operation=revision,walk-free/both,84",
        "approach=lateral,walk-free/both,56"
    })
    void whatWasDoneBesidesWaitsLonger(String answer, String role, int day) {
        assertThat(hip(POSTERIOR + "six " + answer).firstOpen(role)).contains(day);
    }

    @Test
    void aLegThatIsNumbStandsInALockedBraceOnly() {
        TableCourse numb = hip(POSTERIOR + "six block=given");

        assertThat(numb.on(0, "walk-frame/both").reducedTo().orElseThrow().setUps())
                .containsExactly("brace-locked");
        assertThat(numb.on(0, "weight-shift/both").kind()).isNotEqualTo(VerdictKind.OPEN);
    }

    @Test
    void firstStepsAndTheLimpAreDue() {
        assertThat(hip(POSTERIOR + "six").overdue(2)).isEmpty();
        assertThat(hip(POSTERIOR + "six").overdue(3)).containsExactly("new-joint.walk.begun");
        assertThat(hip(POSTERIOR + "six").overdue(85)).contains("limp.by-12", "side.begun");
        assertThat(hip(POSTERIOR + "six").duties(10)).contains("new-joint.pumps", "hip-precautions.pillow");
        assertThat(hip("approach=anterior").duties(10)).doesNotContain("hip-precautions.pillow");
    }

    @Test
    void whatWearsTheJointStaysLimitedForGood() {
        TableCourse course = hip(POSTERIOR + "six");

        assertThat(course.says("new-joint.impact", 4000)).isEqualTo("at most moderate");
        assertThat(course.changes(4000, "cut/operated")).contains("For good.");
        assertThat(course.mostPain()).isEqualTo(4);
    }
}
