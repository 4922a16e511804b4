package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.reason.VerdictKind;

/** The handbook's numbers for the shoulder; common practice, no source, where none is named. */
class ShoulderTablesTest {

    private static final String SLAP = "location=front anchors=few cuff=none biceps=untouched end-rotation=twelve";
    private static final String FRONT = "direction=anterior tendon=kept hands-knees=late";
    private static final String BACK = "direction=posterior tendon=kept hands-knees=late";

    private static TableCourse labrum() {
        return new TableCourse("shoulder.labral-repair").with(SLAP);
    }

    private static TableCourse bankart(String answers) {
        return new TableCourse("shoulder.instability-repair").with("anchor=none filled=none " + answers);
    }

    private static TableCourse dislocated(String answers) {
        return new TableCourse("shoulder.dislocation").with("bone=none " + answers);
    }

    @ParameterizedTest
    @CsvSource({
        "labrum.outward,0,30° to -90° only",
        "labrum.outward,55,65° to -90° only",
        "labrum.outward,56,free",
        "labrum.outward.ninety,41,none",
        "labrum.outward.ninety,42,45° to -45° only",
        "labrum.lift,56,free",
        "labrum.biceps.load,0,none",
        "labrum.biceps.load,55,none",
        "labrum.biceps.load,56,at most low effort",
        "labrum.lifting,97,at most 1 kg",
        "labrum.weight.on-arm,55,none",
        "labrum.floor,83,none",
        "labrum.floor,84,free",
        "labrum.end.force.twelve,83,at most first resistance",
        "labrum.end.force.twelve,84,at most stretch"
    })
    void theLabralRepairIsKeptFromPullAndWeight(String rule, int day, String said) {
        assertThat(labrum().says(rule, day)).isEqualTo(said);
    }

    /** Isometrics in week 1, the light program from week 3, throws at months 4 to 5, hits two weeks earlier. */
    @ParameterizedTest
    @CsvSource({
        "iso-out/operated,5,7",
        "side-lying-out/operated,21,28",
        "prone-lift/operated,21,28",
        "stick-rotation/operated,0,7",
        "steady-test/operated,42,56",
        "throw-towel/operated,112,150",
        "throw-10/operated,120,150",
        "swing-slow/operated,98,136",
        "elbow-curl/operated,56,84"
    })
    void theLabralRepairOpensInItsOrder(String role, int earliest, int latest) {
        assertThat(labrum().firstOpen(role).orElseThrow()).isBetween(earliest, latest);
    }

    @Test
    void hittingWithTwoHandsComesTwoWeeksBeforeThrowing() {
        assertThat(labrum().firstOpen("throw-10/operated").orElseThrow()
                        - labrum().firstOpen("swing-ball/operated").orElseThrow())
                .isBetween(14, 18);
    }

    @Test
    void theSlingIsSleptInForFourWeeksAndWornForUpToSix() {
        assertThat(labrum().duties(27)).contains("labrum.sling.few");
        assertThat(labrum().duties(41)).contains("labrum.sling.few");
        assertThat(labrum().duties(42)).doesNotContain("labrum.sling.few");
    }

    /** No progress at all without dynamic stability. */
    @Test
    void aboveTheShoulderNothingOpensUntilTheArmIsHeldStill() {
        assertThat(labrum().standing(200)
                        .verdict(waypost.core.exercise.RoleKey.of("push-up-kneeling/operated"))
                        .kind())
                .isEqualTo(VerdictKind.NOT_YET);
    }

    /** Motion next day, full range in 10 to 14 days, throws between weeks 6 and 12. */
    @Test
    void aDebridementMovesNextDayAndThrowsAfterSixWeeks() {
        TableCourse debrided = new TableCourse("shoulder.labral-debridement").with("other-work=none");

        assertThat(debrided.firstOpen("table-slide/operated")).contains(1);
        assertThat(debrided.firstOpen("behind-back-band/operated").orElseThrow())
                .isLessThanOrEqualTo(14);
        assertThat(debrided.firstOpen("throw-10/operated").orElseThrow()).isBetween(42, 84);
        assertThat(debrided.duties(10)).noneMatch(duty -> duty.startsWith("sling"));
    }

    @ParameterizedTest
    @CsvSource({
        "lift,0,at most 90° of flexion",
        "lift,6,at most 90° of flexion",
        "apart-turned.front,41,none",
        "lever,41,at most short lever",
        "bands,27,none",
        "bands,28,at most band 1",
        "height,6,at most below the shoulder"
    })
    void aFirstDislocationStaysUnderTheShoulderAndOutOfTheThrow(String rule, int day, String said) {
        assertThat(dislocated("direction=anterior cuff-tear=young sling-time=three")
                        .says(rule, day))
                .isEqualTo(said);
    }

    @Test
    void theDirectionDecidesAndUnknownOpensNothing() {
        assertThat(dislocated("cuff-tear=young sling-time=three").firstOpen("pendulum/operated"))
                .isEmpty();
        assertThat(dislocated("direction=posterior cuff-tear=young").firstOpen("pendulum/operated"))
                .isPresent();
        assertThat(dislocated("direction=anterior").says("across.back", 10)).isEqualTo("free");
        assertThat(dislocated("direction=posterior").says("apart-turned.front", 10))
                .isEqualTo("free");
    }

    /** Cuff holds at once, hands and knees as soon as tolerated, the other hand not lifted yet. */
    @Test
    void theDislocatedShoulderHoldsAtOnceAndLiftsTheOtherHandLate() {
        TableCourse front = dislocated("direction=anterior cuff-tear=young sling-time=three");

        assertThat(front.firstOpen("iso-press-side/operated")).contains(1);
        assertThat(front.firstOpen("prone-lift/operated").orElseThrow()).isLessThanOrEqualTo(28);
        assertThat(front.firstOpen("press-knees/operated").orElseThrow())
                .isLessThan(front.firstOpen("tap-knees/operated").orElseThrow());
        assertThat(dislocated("direction=anterior cuff-tear=torn")
                        .firstOpen("side-lying-out/operated")
                        .orElseThrow())
                .isGreaterThan(front.firstOpen("side-lying-out/operated").orElseThrow());
    }

    @ParameterizedTest
    @CsvSource({
        "lift,0,at most 60° of flexion",
        "lift,6,at most 60° of flexion",
        "lift,28,at most 90° of flexion",
        "lift,69,at most 140° of flexion",
        "lift,70,free",
        "outward.front,41,30° to -90° only",
        "apart-turned.front,41,none",
        "apart-turned.front,83,at most 45° of external rotation",
        "apart-turned.front,112,free"
    })
    void aRepairAtTheFrontClimbsBySurgicalCeilings(String rule, int day, String said) {
        assertThat(bankart(FRONT).says(rule, day)).isEqualTo(said);
    }

    /** Wall about weeks 4 to 6, hands and knees about 6 to 8, an early school from week 3; throws from month 5. */
    @Test
    void aRepairAtTheFrontPressesBySchoolAndThrowsAfterFiveMonths() {
        assertThat(bankart(FRONT).firstOpen("press-wall/operated").orElseThrow())
                .isBetween(28, 42);
        assertThat(bankart(FRONT).firstOpen("press-knees/operated").orElseThrow())
                .isBetween(42, 56);
        assertThat(bankart("direction=anterior tendon=kept hands-knees=early").firstOpen("press-knees/operated"))
                .contains(21);
        assertThat(bankart(FRONT).firstOpen("throw-10/operated").orElseThrow()).isGreaterThanOrEqualTo(150);
        assertThat(bankart(FRONT).duties(27)).contains("instability.sling.front");
        assertThat(bankart(FRONT).duties(28)).doesNotContain("instability.sling.front");
    }

    @Test
    void aRepairAtTheBackIsKeptFromTheOppositeMotions() {
        assertThat(bankart(BACK).says("pushed-back", 55)).isEqualTo("none");
        assertThat(bankart(BACK).says("outward.front", 10)).isEqualTo("free");
        assertThat(bankart(BACK).firstOpen("press-wall/operated").orElseThrow())
                .isGreaterThan(bankart(FRONT).firstOpen("press-wall/operated").orElseThrow());
    }

    @ParameterizedTest
    @CsvSource({
        "biceps.resisted,55,none",
        "biceps.resisted,56,at most low effort",
        "biceps.active,27,none",
        "biceps.active,28,none",
        "biceps.active,42,at most low effort",
        "biceps.stretch,41,none"
    })
    void aTenodesisSparesTheBicepsSixToEightWeeks(String rule, int day, String said) {
        assertThat(new TableCourse("shoulder.biceps-tenodesis")
                        .with("labrum=none cuff=none")
                        .says(rule, day))
                .isEqualTo(said);
    }

    /** The side, 45, 90, 135 degrees, one after the other. */
    @Test
    void afterATenodesisTurningOutClimbsByAngle() {
        TableCourse tenodesis = new TableCourse("shoulder.biceps-tenodesis").with("labrum=none cuff=none");

        assertThat(java.util.stream.Stream.of(
                                "band-out-side/operated",
                                "band-out-45/operated",
                                "band-out-90/operated",
                                "band-out-135/operated")
                        .map(role -> tenodesis.firstOpen(role).orElseThrow()))
                .isSorted();
    }

    /** From memory of published consensus statements. */
    @ParameterizedTest
    @CsvSource({
        "outward,0,30° to -90° only",
        "outward,41,30° to -90° only",
        "inward.active,41,none",
        "inward.active,42,at most low effort",
        "inward.resisted,83,none",
        "inward.resisted,84,at most low effort"
    })
    void anAnatomicReplacementProtectsTheSubscapularis(String rule, int day, String said) {
        assertThat(new TableCourse("shoulder.replacement-anatomic")
                        .with("approach=tendon biceps=kept")
                        .says(rule, day))
                .isEqualTo(said);
    }

    /** From memory of published consensus statements: no hand behind the back, no pushing up from a chair. */
    @Test
    void aReverseReplacementIsKeptFromBehindTheBackForTwelveWeeks() {
        TableCourse reverse =
                new TableCourse("shoulder.replacement-reverse").with("subscapularis=none fracture=none biceps=kept");

        assertThat(reverse.says("combined", 83)).isEqualTo("none");
        assertThat(reverse.says("combined", 84)).isEqualTo("free");
        assertThat(reverse.says("weight.on-arm", 83)).isEqualTo("none");
        assertThat(reverse.firstOpen("iso-press-side/operated").orElseThrow()).isLessThanOrEqualTo(42);
    }
}
