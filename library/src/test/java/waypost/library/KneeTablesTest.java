package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.reason.VerdictKind;

/** The handbook's numbers for the knee beside ligament reconstruction; common practice, no source. */
class KneeTablesTest {

    private static TableCourse meniscus(String tear) {
        return new TableCourse("knee.meniscus-repair").with("tear=" + tear + " early-weight=restricted");
    }

    private static TableCourse replaced() {
        return new TableCourse("knee.replacement")
                .with("kind=total weight=as-tolerated block=none extensor=none side=none bone=none");
    }

    private static TableCourse beginner(String school) {
        return new TableCourse("knee.beginner-strength").with("reason=weak pain-school=" + school);
    }

    /** Flexion at most 90 and restricted weight 4 to 6 weeks; no loaded flexion past 90 for about 4 months. */
    @ParameterizedTest
    @CsvSource({
        "vertical,meniscus.bend,41,at most 90° of flexion",
        "vertical,meniscus.bend,42,free",
        "vertical,meniscus.weight.vertical,41,at most 50 % of body weight",
        "vertical,meniscus.weight.vertical,42,free",
        "vertical,meniscus.bend.under-load,119,at most 90° of flexion",
        "vertical,meniscus.bend.under-load,120,free",
        "vertical,meniscus.hamstring,55,none",
        "root,meniscus.weight.strict,41,at most 20 % of body weight",
        "root,meniscus.weight.strict,55,at most 50 % of body weight",
        "radial,meniscus.weight.strict,56,free"
    })
    void aRepairedMeniscusIsSparedBendAndWeight(String tear, String rule, int day, String said) {
        assertThat(meniscus(tear).says(rule, day)).isEqualTo(said);
    }

    @Test
    void anUnknownTearKeepsTheRootRules() {
        TableCourse unknown = new TableCourse("knee.meniscus-repair").with("early-weight=restricted");

        assertThat(unknown.says("meniscus.weight.strict", 30))
                .isEqualTo(meniscus("root").says("meniscus.weight.strict", 30));
        assertThat(unknown.firstOpen("wall-squat/both"))
                .isEqualTo(meniscus("root").firstOpen("wall-squat/both"));
        assertThat(unknown.duties(10)).contains("meniscus.brace.strict");
    }

    /** A fifth of the weight for six weeks, deep bends under load from month 6, impact from month 6, running from month 8. */
    @ParameterizedTest
    @CsvSource({
        "condyle,cartilage.bearing,41,at most 20 % of body weight",
        "condyle,cartilage.bearing,55,at most 50 % of body weight",
        "condyle,cartilage.bearing,56,free",
        "kneecap,cartilage.bearing.kneecap,41,at most 50 % of body weight",
        "condyle,cartilage.bend-under-load,83,at most 60° of flexion",
        "kneecap,cartilage.bend-under-load.kneecap,41,at most 30° of flexion",
        "condyle,cartilage.bend-under-load,180,at most 90° of flexion",
        "condyle,cartilage.impact,180,none",
        "condyle,cartilage.running-steps,240,none"
    })
    void restoredCartilageIsSparedWeightAndImpact(String site, String rule, int day, String said) {
        assertThat(new TableCourse("knee.cartilage-restoration")
                        .with("cartilage-site=" + site)
                        .says(rule, day))
                .isEqualTo(said);
    }

    /** Full weight with the brace locked, else half. */
    @Test
    void theBraceMayBearWhatTheKneeMayNot() {
        TableCourse braced = new TableCourse("knee.meniscus-repair").with("tear=vertical early-weight=braced");

        assertThat(braced.says("meniscus.weight.braced", 20)).isEqualTo("at most 50 % of body weight");
        assertThat(braced.on(20, "walk-crutches/both").kind()).isEqualTo(VerdictKind.OPEN_WITH_LIMIT);
    }

    /** Shorter than a repair, from the same parts. */
    @Test
    void aMeniscectomyIsShorterThanARepair() {
        TableCourse trimmed = new TableCourse("knee.meniscectomy").with("cartilage=none");

        for (String role :
                new String[] {"step-up/operated", "single-leg-squat/operated", "bike-easy/both", "pogo/both"}) {
            assertThat(trimmed.firstOpen(role).orElseThrow())
                    .isLessThan(meniscus("vertical").firstOpen(role).orElseThrow());
        }
        assertThat(new TableCourse("knee.meniscectomy")
                        .with("cartilage=condyle")
                        .firstOpen("pogo/both")
                        .orElseThrow())
                .isGreaterThan(trimmed.firstOpen("pogo/both").orElseThrow());
    }

    /** Bend about 90 by week 2, 110 to 120 by weeks 6 to 12; below 90 at week 6 the surgeon is called. */
    @Test
    void aReplacedKneeIsCalledInWhenItDoesNotBend() {
        assertThat(replaced().overdue(43)).contains("bend.by-6");
        assertThat(replaced().overdue(42)).doesNotContain("bend.by-6");
        assertThat(replaced().duties(20)).contains("hang");
    }

    /** Face down with the leg over the edge, only until extension equals the other side, then stop. */
    @Test
    void lyingFaceDownStopsWhenTheKneeIsAsStraightAsTheOther() {
        assertThat(replaced().firstOpen("prone-hang/operated").orElseThrow()).isLessThanOrEqualTo(1);
        assertThat(replaced().course().resolved().protocol().openings())
                .filteredOn(opening -> opening.role().toString().equals("prone-hang/operated"))
                .singleElement()
                .satisfies(opening -> assertThat(opening.offWhen()).containsExactly("extension-equal"));
    }

    @ParameterizedTest
    @CsvSource({
        "hamstring,donor-site.hamstring,55,none",
        "hamstring,donor-site.hamstring,56,at most moderate effort",
        "donor,donor-site.hamstring,10,free",
        "quadriceps-tendon,quadriceps.graft,55,none",
        "quadriceps-tendon,quadriceps.graft,56,at most low effort",
        "donor,bend,13,at most 60° of flexion",
        "donor,weight.braced,30,at most 50 % of body weight"
    })
    void theKneecapIsLedByTheBraceAndTheGraftIsSpared(String graft, String rule, int day, String said) {
        assertThat(new TableCourse("knee.kneecap-stabilisation")
                        .with("bone=none groove=none graft=" + graft)
                        .says(rule, day))
                .isEqualTo(said);
    }

    /** Bridge on one leg, long arc and curl against a band, wall squat to a quarter bend, step-up: from the first day. */
    @Test
    void theBeginnerHasFiveExercisesFromTheFirstDay() {
        assertThat(Stream.of(
                                "bridge-one-leg/operated",
                                "long-arc-band/operated",
                                "band-curl/operated",
                                "wall-squat-hold/both",
                                "step-up/operated")
                        .map(role -> beginner("none").firstOpen(role)))
                .allMatch(first -> first.equals(java.util.Optional.of(0)));
    }

    @ParameterizedTest
    @CsvSource({"none,0", "some,2"})
    void theBeginnersPainGoesBySchool(String school, int most) {
        assertThat(beginner(school).mostPain()).isEqualTo(most);
    }

    /** Not chosen, the least pain that any school may allow. */
    @Test
    void anUnknownPainSchoolMeansTheLeastPain() {
        assertThat(new TableCourse("knee.beginner-strength").mostPain()).isZero();
    }

    /** Seven basics, both legs, 2 to 3 times daily. */
    @ParameterizedTest
    @CsvSource({
        "chair-push-up/both",
        "long-arc/operated",
        "heel-slide/operated",
        "glute-squeeze/operated",
        "quad-set/operated",
        "lying-abduction/operated",
        "ankle-pumps/operated"
    })
    void theBasicsBeforeAReplacementAreOpenFromTheFirstDayAndEndWithSurgery(String role) {
        TableCourse knee = new TableCourse("hip-or-knee.before-replacement").with("joint=knee irritable=no");

        assertThat(knee.on(-180, role).kind().isOpen()).isTrue();
        assertThat(knee.on(-1, role).kind().isOpen()).isTrue();
        assertThat(knee.on(0, role).kind()).isEqualTo(VerdictKind.NOT_COVERED);
    }
}
