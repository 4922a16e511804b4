package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Arc;
import waypost.core.demand.Load;
import waypost.core.limit.Allowed;
import waypost.core.reason.VerdictKind;

/** The handbook's numbers for cuff repair; common practice, no source, unless a publication is named. */
class CuffRepairTableTest {

    private static final String SMALL = "tear-size=small tendon=supraspinatus biceps=untouched";
    private static final String LARGE = "tear-size=large tendon=posterosuperior biceps=untouched";
    private static final String SUBSCAPULARIS = "tear-size=medium tendon=subscapularis biceps=untouched";

    private static TableCourse cuff(String answers) {
        return new TableCourse("shoulder.cuff-repair").with(answers);
    }

    /** About two weeks of strict rest, active after about six, strength after about twelve (Thigpen et al. 2016, from memory). */
    @ParameterizedTest
    @CsvSource({
        "pendulum/operated,14",
        "arm-lifted/operated,14",
        "table-slide/operated,28",
        "raise-lying/operated,42",
        "active-elevation/operated,42",
        "side-lying-out/operated,84",
        "raise-front/operated,84"
    })
    void carriedThenAssistedThenOwnThenResisted(String role, int day) {
        assertThat(cuff(SMALL).firstOpen(role)).contains(day);
    }

    @ParameterizedTest
    @CsvSource({
        "table-slide/operated,42",
        "raise-lying/operated,56",
        "wall-fingers/operated,70",
        "raise-front/operated,112"
    })
    void aLargeTearWaitsLonger(String role, int day) {
        assertThat(cuff(LARGE).firstOpen(role)).contains(day);
    }

    /** The block of weeks 13 to 16 is nth weeks: days 84 to 111; kneeling push-ups in weeks 17 to 20. */
    @ParameterizedTest
    @CsvSource({
        "behind-back-band/operated,84",
        "w-opening/operated,84",
        "press-incline/operated,84",
        "band-out-side/operated,84",
        "weight-in-45/operated,84",
        "raise-side-guided/operated,84",
        "band-out-45/operated,98",
        "weight-in-90/operated,112",
        "push-up-kneeling/operated,112",
        "press-overhead/operated,140",
        "cuff-hold-out/operated,140"
    })
    void workIsWrittenInBlocksOfFourWeeks(String role, int day) {
        assertThat(cuff(SMALL).firstOpen(role)).contains(day);
    }

    /** Up one band by the block's third week; 2 kg in the block, more from week 20. */
    @ParameterizedTest
    @CsvSource({"83,none", "84,band 1", "97,band 1", "98,band 2", "112,band 3"})
    void bandsGoUpWithinTheBlock(int day, String most) {
        assertThat(cuff(SMALL).limit("cuff.lifting.bands", day))
                .isEqualTo(Optional.of(most.equals("none") ? Allowed.nothing() : Allowed.within(Load.parse(most))));
    }

    @ParameterizedTest
    @CsvSource({"83,none", "84,2 kg", "139,2 kg", "140,5 kg"})
    void liftingIsTwoKilogramsInTheBlock(int day, String most) {
        assertThat(cuff(SMALL).limit("cuff.lifting.kilograms", day))
                .isEqualTo(Optional.of(most.equals("none") ? Allowed.nothing() : Allowed.within(Load.parse(most))));
    }

    /** A subscapularis repair protects inward work and the outer range; a supraspinatus repair trains inward freely. */
    @Test
    void theTendonDecidesWhichWayIsProtected() {
        assertThat(cuff(SMALL).firstOpen("band-in-side/operated")).contains(84);
        assertThat(cuff(SUBSCAPULARIS).firstOpen("band-in-side/operated")).contains(112);
        assertThat(cuff(SUBSCAPULARIS).firstOpen("weight-in-45/operated")).contains(140);
        assertThat(cuff(SUBSCAPULARIS).allowsNothing("cuff.inward.resisted", 83))
                .isTrue();
        assertThat(cuff(SMALL).limit("cuff.inward.early", 84)).isEmpty();
        assertThat(cuff(SUBSCAPULARIS).limit("cuff.rotation.subscapularis", 41))
                .isEqualTo(Optional.of(Allowed.within(Arc.between(-90, 30))));
        assertThat(cuff(SUBSCAPULARIS).limit("cuff.outer-range.subscapularis", 100))
                .isEqualTo(Optional.of(Allowed.within(Arc.between(-90, 60))));
    }

    /** No own bending of the elbow against load for 8 weeks; unloaded from 6, sooner only by an order. */
    @Test
    void tenodesisProtectsTheElbow() {
        String tenodesis = "tear-size=small tendon=supraspinatus biceps=tenodesis";
        TableCourse course = cuff(tenodesis);

        assertThat(course.allowsNothing("biceps.active", 41)).isTrue();
        assertThat(course.allowsNothing("biceps.active", 42)).isFalse();
        assertThat(course.allowsNothing("biceps.resisted", 55)).isTrue();
        assertThat(course.allowsNothing("biceps.resisted", 56)).isFalse();
        assertThat(course.allowsNothing("biceps.stretch", 55)).isTrue();
        assertThat(course.firstOpen("elbow-bend/operated")).contains(42);
        assertThat(cuff(SMALL).firstOpen("elbow-bend/operated")).contains(0);
    }

    @Test
    void whatIsNotStatedKeepsTheStricterOfAll() {
        TableCourse unknown = cuff("");

        assertThat(unknown.firstOpen("raise-lying/operated")).contains(56);
        assertThat(unknown.firstOpen("band-in-side/operated")).contains(112);
        assertThat(unknown.duties(5)).contains("cuff.sling.large").doesNotContain("cuff.sling.small");
        assertThat(unknown.standing(5).duties())
                .noneMatch(duty -> duty.conflict() && duty.ruleId().startsWith("cuff.sling"));
    }

    @Test
    void dutiesAreDueOnTheirDaysAndActiveLostWithPassiveKeptIsCalledAbout() {
        assertThat(cuff(SMALL).duties(41)).contains("cuff.sling.small", "sling-hand.hand.moves");
        assertThat(cuff(SMALL).duties(42)).doesNotContain("cuff.sling.small", "sling-hand.hand.moves");
        assertThat(cuff(SMALL).overdue(70)).isEmpty();
        assertThat(cuff(SMALL).overdue(71)).containsExactly("cuff.active.begun");
        assertThat(cuff(SMALL).overdue(85)).contains("cuff.lift.by-12");
        assertThat(cuff(SMALL).overdue(99)).contains("active.keeps-up");
    }

    /** An operated arm carries no walking aid that the protocol does not cover. */
    @Test
    void crutchesLoadAnOperatedArm() {
        assertThat(cuff(SMALL).on(30, "walk-crutches/both").kind()).isEqualTo(VerdictKind.BARRED);
        assertThat(cuff(SMALL).on(200, "walk-crutches/both").kind()).isEqualTo(VerdictKind.NOT_COVERED);
        assertThat(cuff(SMALL).on(30, "walk-free/both").kind()).isEqualTo(VerdictKind.OPEN);
    }
}
