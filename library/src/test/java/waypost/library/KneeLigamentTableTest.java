package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Arc;
import waypost.core.body.Tissue;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Demand;
import waypost.core.demand.Level;
import waypost.core.exercise.Role;
import waypost.core.gate.Verdict;
import waypost.core.limit.Allowed;
import waypost.core.reason.NotYet;
import waypost.core.reason.VerdictKind;
import waypost.core.resolved.InForce;
import waypost.core.time.CourseDay;

/** The handbook's numbers for ligament reconstruction; common practice, no source, unless a publication is named. */
class KneeLigamentTableTest {

    /** First open day of named activities with everything but time met. */
    @ParameterizedTest
    @CsvSource({
        "quad-set/operated,0",
        "prone-hang/operated,0",
        "step-up/operated,42",
        "single-leg-squat/operated,42",
        "single-leg-hinge/operated,42",
        "split-squat/operated-front,42",
        "split-squat/operated-behind,84",
        "long-arc/operated,84",
        "quadriceps-isometric-90/operated,70",
        "bike-intervals/both,84",
        "elliptical/both,84",
        "pogo/both,84",
        "jump-box/both,98",
        "run-walk/both,112",
        "hop-forward/operated,112",
        "single-hop-test/operated,112",
        "cut/operated,140"
    })
    void opensOnItsDayUnderTheDefaultSchools(String role, int day) {
        assertThat(new KneeCourse().firstOpenDay(role)).contains(day);
    }

    /** van Melick et al. 2016, from memory: the school's other values, in completed weeks. */
    @ParameterizedTest
    @CsvSource({
        "open-chain,early,long-arc/operated,28",
        "rear-leg,early,split-squat/operated-behind,49",
        "run-start,week-14,run-walk/both,98",
        "run-start,week-12,run-walk/both,84"
    })
    void opensEarlierOnlyUnderTheEarlierSchool(String question, String school, String role, int day) {
        assertThat(new KneeCourse().with(question, school).firstOpenDay(role)).contains(day);
    }

    /** The open-chain arc week by week (van Melick et al. 2016, from memory; completed weeks). */
    @ParameterizedTest
    @CsvSource({"27,", "28,45", "34,45", "35,30", "41,30", "42,20", "48,20", "49,10", "55,10", "56,0"})
    void openChainArcGrowsWeekByWeek(int day, Double from) {
        Verdict verdict = new KneeCourse().with("open-chain", "early").on(day, "long-arc/operated");

        if (from == null) {
            assertThat(verdict.kind()).isEqualTo(VerdictKind.BARRED);
        } else if (from == 0) {
            assertThat(verdict.kind()).isEqualTo(VerdictKind.OPEN);
        } else {
            assertThat(arcOf(verdict)).isEqualTo(Arc.between(from, 90));
        }
    }

    private static Arc arcOf(Verdict verdict) {
        return ((Demand.Movement) verdict.reducedTo().orElseThrow().demands().get(0)).arc();
    }

    /** No added weight in open chain before week 12 after a hamstring graft, or while the graft is not stated. */
    @ParameterizedTest
    @CsvSource({"hamstring,BARRED", "not stated,BARRED", "donor,OPEN_WITH_LIMIT"})
    void addedWeightInOpenChainWaitsForAHamstringGraft(String graft, VerdictKind kind) {
        KneeCourse course = new KneeCourse().with("open-chain", "early").with("graft", graft);

        assertThat(course.on(42, "long-arc-band/operated").kind()).isEqualTo(kind);
        assertThat(course.on(84, "long-arc-band/operated").kind()).isEqualTo(VerdictKind.OPEN);
    }

    /**
     * The order of strain on the ligament (Beynnon et al. 1990s, from memory): isometric at 15° > extension with a
     * weight ≈ squat > unweighted extension > cycling > isometric at 90°, isometric hamstring, passive motion.
     */
    @Test
    void effortsOnTheGraftFollowTheOrderOfStrain() {
        List<String> falling = List.of(
                "quadriceps-isometric-15",
                "machine-arc",
                "box-squat",
                "long-arc",
                "bike-easy",
                "quadriceps-isometric-90",
                "heel-dig",
                "prone-hang");
        List<Level> efforts =
                falling.stream().map(KneeLigamentTableTest::graftEffort).toList();

        assertThat(efforts).isSortedAccordingTo((a, b) -> b.compareTo(a));
        assertThat(graftEffort("machine-arc")).isEqualTo(graftEffort("box-squat"));
        assertThat(efforts.get(0)).isGreaterThan(efforts.get(1));
        assertThat(graftEffort("box-squat")).isGreaterThan(graftEffort("long-arc"));
        assertThat(graftEffort("bike-easy")).isGreaterThan(graftEffort("heel-dig"));
    }

    private static Level graftEffort(String activity) {
        return effort(
                KneeCourse.BUNDLE.findActivity(activity).orElseThrow().roles().get(0));
    }

    private static Level effort(Role role) {
        return role.demands().stream()
                .filter(d -> d instanceof Demand.TissueLoad load && load.tissue() == Tissue.CRUCIATE_GRAFT)
                .map(d -> ((Demand.TissueLoad) d).effort())
                .findFirst()
                .orElse(Level.NONE);
    }

    /** Judged by what it asks for, not by its name: behind, the split squat loads the graft like loaded extension. */
    @Test
    void splitSquatLoadsTheGraftOfTheLegBehindMoreThanOfTheLegInFront() {
        List<Role> roles =
                KneeCourse.BUNDLE.findActivity("split-squat").orElseThrow().roles();

        assertThat(effort(roles.get(0))).isEqualTo(Level.LOW);
        assertThat(effort(roles.get(1))).isEqualTo(graftEffort("machine-arc"));
    }

    /** Meniscus repair: flexion at most 90° and restricted weight for 6 weeks; under load at most 90° for 4 months. */
    @ParameterizedTest
    @CsvSource({
        "vertical,meniscus.bend,41,90",
        "vertical,meniscus.bend,42,",
        "vertical,meniscus.bend.under-load,119,90",
        "vertical,meniscus.bend.under-load,120,",
        "root,meniscus.bend.strict,55,30",
        "root,meniscus.bend.strict,56,70"
    })
    void meniscusRepairLimitsTheBend(String type, String rule, int day, Double most) {
        assertThat(bound(type, rule, day))
                .isEqualTo(Optional.ofNullable(most).map(m -> Allowed.within(Arc.between(-25, m))));
    }

    @ParameterizedTest
    @CsvSource({
        "vertical,meniscus.weight.vertical,41,50",
        "vertical,meniscus.weight.vertical,42,",
        "radial,meniscus.weight.strict,41,20",
        "root,meniscus.weight.strict,55,50",
        "root,meniscus.weight.strict,56,"
    })
    void meniscusRepairRestrictsWeight(String type, String rule, int day, Double percent) {
        assertThat(bound(type, rule, day))
                .isEqualTo(Optional.ofNullable(percent).map(p -> Allowed.within(BodyShare.ofPercent(p))));
    }

    private static Optional<?> bound(String meniscus, String rule, int day) {
        InForce<?> found = new KneeCourse()
                .with("meniscus-repair", meniscus).resolved().limits().stream()
                        .filter(l -> l.limit().head().id().equals(rule))
                        .findFirst()
                        .orElseThrow();
        return found.restrictionOn(new CourseDay(day), Set.of()).map(step -> step.value());
    }

    /** An unknown type keeps the root rules; a stated one drops what does not belong to it. */
    @Test
    void unknownMeniscusKeepsTheRootRules() {
        assertThat(rules("not stated")).contains("meniscus.weight.strict", "meniscus.bend.strict");
        assertThat(rules("vertical")).contains("meniscus.weight.vertical").doesNotContain("meniscus.weight.strict");
        assertThat(rules("none")).noneMatch(id -> id.startsWith("meniscus"));
    }

    private static List<String> rules(String meniscus) {
        return new KneeCourse()
                .with("meniscus-repair", meniscus).resolved().limits().stream()
                        .map(l -> l.limit().head().id())
                        .toList();
    }

    /** The hamstring pulls the shin backward: what an anterior graft needs harms a posterior one. */
    @ParameterizedTest
    @CsvSource({"posterior", "several", "not stated"})
    void nothingOfTheKneeOpensForAnotherLigament(String ligament) {
        for (String role : List.of("prone-curl/operated", "bridge/both", "wall-squat/both", "heel-slide/operated")) {
            assertThat(new KneeCourse().with("ligament", ligament).firstOpenDay(role))
                    .as(role)
                    .isEmpty();
        }
    }

    @ParameterizedTest
    @CsvSource({"41,BARRED", "55,BARRED", "83,NOT_YET", "84,OPEN"})
    void resistedHamstringWaitsAsLongAsAfterAMeniscusRepairAlone(int day, VerdictKind kind) {
        assertThat(new KneeCourse()
                        .with("meniscus-repair", "vertical")
                        .on(day, "bridge-one-leg/operated")
                        .kind())
                .isEqualTo(kind);
    }

    /** Week 6: single-leg squat in partial range. */
    @ParameterizedTest
    @CsvSource({"42,60", "55,60"})
    void singleLegSquatStopsAtSixtyInItsFirstWeeks(int day, double most) {
        assertThat(arcOf(new KneeCourse().on(day, "single-leg-squat/operated"))).isEqualTo(Arc.between(0, most));
        assertThat(new KneeCourse().on(56, "single-leg-squat/operated").kind()).isEqualTo(VerdictKind.OPEN);
    }

    /** The isometric test at 90° is exempt by name from the open-chain rule, and safe from week 10. */
    @Test
    void strengthTestIsExemptFromTheOpenChainRuleAndClosedBeforeWeekTen() {
        assertThat(new KneeCourse().on(69, "quadriceps-isometric-90/operated").reasons())
                .singleElement()
                .isInstanceOfSatisfying(
                        NotYet.BeforeDay.class,
                        reason -> assertThat(reason.opens()).isEqualTo(new CourseDay(70)));
        assertThat(new KneeCourse().on(70, "quadriceps-isometric-90/operated").kind())
                .isEqualTo(VerdictKind.OPEN);
    }

    /** No return to pivoting before 9 months (Grindem et al. 2016, from memory). */
    @Test
    void twistingIsSetFreeAtNineCalendarMonthsByTheSurgeonOnly() {
        InForce<?> twisting = new KneeCourse()
                .resolved().limits().stream()
                        .filter(l -> l.limit().head().id().equals("twisting"))
                        .findFirst()
                        .orElseThrow();
        int nineMonths = CourseDay.between(KneeCourse.DAY_ZERO, KneeCourse.DAY_ZERO.plusMonths(9))
                .number();

        assertThat(twisting.limit().head().surgeonOnly()).isTrue();
        assertThat(twisting.restrictionOn(new CourseDay(nineMonths - 1), Set.of()))
                .isPresent();
        assertThat(twisting.restrictionOn(new CourseDay(nineMonths), Set.of())).isEmpty();
    }

    /** Every limit protects from day 0, and every rung but the strain at 15° opens within ten months. */
    @Test
    void limitsBeginOnDayZeroAndEveryCoveredRungOpens() {
        assertThat(new KneeCourse()
                        .with("meniscus-repair", "not stated")
                        .resolved()
                        .limits())
                .allSatisfy(limit -> assertThat(limit.steps().valueOn(CourseDay.ZERO, Set.of()))
                        .isPresent());
        assertThat(KneeCourse.protocol().openings())
                .allSatisfy(opening -> assertThat(
                                new KneeCourse().firstOpenDay(opening.role().toString()))
                        .isPresent());
    }
}
