package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.course.DutyStatus;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.log.Evidence;
import waypost.core.log.Hold;
import waypost.core.reason.VerdictKind;

/** The handbook's numbers for flexor tendon repair in zone II; common practice, no source. */
class FlexorTendonTableTest {

    private static TableCourse finger(String answers) {
        return new TableCourse("hand.flexor-tendon-zone-2")
                .with("nerve=whole digit=finger strands=four pulley=none " + answers);
    }

    @ParameterizedTest
    @CsvSource({
        "'',passive-bend/operated,1",
        "'',reverse-blocking/operated,3",
        "'',place-hold/operated,28",
        "school=place-and-hold,place-hold/operated,3",
        "school=place-and-hold,hook/operated,28",
        "school=early-active,hook/operated,4",
        "school=early-active,three-quarter-fist/operated,21",
        "'',foam-squeeze/operated,56",
        "'',strong-grip/operated,84",
        "'',grip-test/operated,84",
        "'',wrist-and-fingers/operated,56"
    })
    void opensOnItsDayUnderEachSchool(String school, String role, int day) {
        assertThat(finger(school).firstOpen(role)).contains(day);
    }

    /** Two strands, or not said: no early motion of its own whatever the school. A mended pulley waits with grip. */
    @ParameterizedTest
    @CsvSource({
        "strands=two school=early-active,hook/operated,28",
        "strands=two school=place-and-hold,place-hold/operated,28",
        "pulley=mended,foam-squeeze/operated,70"
    })
    void aWeakSeamAndAPulleyWaitLonger(String answers, String role, int day) {
        assertThat(finger(answers).firstOpen(role)).contains(day);
    }

    /** A finger that glides well has little to hold the seam: it keeps its splint as long as any. */
    @Test
    void goodMotionDoesNotEndTheSplint() {
        assertThat(finger("").duties(41)).contains("flexor-tendon.splint");
    }

    @Test
    void theThumbIsAnotherOperation() {
        assertThat(finger("digit=thumb").on(100, "hook/operated").kind().isOpen())
                .isFalse();
    }

    /** Passive bending is the treatment, passive straightening ruptures: modes are no ladder. */
    @Test
    void passiveBendingIsOpenWherePassiveStraighteningIsBarred() {
        TableCourse course = finger("");

        assertThat(course.on(5, "passive-bend/operated").kind()).isEqualTo(VerdictKind.OPEN);
        assertThat(course.on(5, "wrist-and-fingers/operated").kind()).isEqualTo(VerdictKind.BARRED);
        assertThat(course.allowsNothing("straighten.middle", 55)).isTrue();
        assertThat(course.limit("straighten.middle", 56)).isEmpty();
        assertThat(course.allowsNothing("straight.together", 55)).isTrue();
    }

    /** Active full fist only when it is cleared, whatever the day. */
    @Test
    void theFullFistWaitsForItsClearance() {
        VerdictKind notCleared = finger("school=early-active").standing(100).verdicts().stream()
                .filter(v -> v.role().activity().equals("full-fist"))
                .findFirst()
                .orElseThrow()
                .kind();

        assertThat(notCleared).isEqualTo(VerdictKind.NOT_YET);
        assertThat(finger("school=early-active").firstOpen("full-fist/operated"))
                .contains(28);
    }

    @ParameterizedTest
    @CsvSource({"0,none", "55,none", "56,within", "84,free"})
    void resistedWorkFromEightWeeksFreeFromTwelve(int day, String left) {
        TableCourse course = finger("");

        assertThat(course.allowsNothing("resisted", day)).isEqualTo(left.equals("none"));
        assertThat(course.limit("resisted", day).isEmpty()).isEqualTo(left.equals("free"));
    }

    @Test
    void theSplintAndTheHourlyBendBind() {
        assertThat(finger("").duties(1)).contains("flexor-tendon.splint", "flexor-tendon.bend.hourly");
        assertThat(finger("").duties(41))
                .contains(
                        "flexor-tendon.splint",
                        "flexor-tendon.bend.hourly",
                        "flexor-tendon.fist.hourly",
                        "blocking.hourly");
        assertThat(finger("").duties(42)).doesNotContain("flexor-tendon.splint", "flexor-tendon.bend.hourly");
        assertThat(finger("").overdue(28)).isEmpty();
        assertThat(finger("").overdue(29)).containsExactly("flexor-tendon.pip.by-4");
        assertThat(finger("").overdue(43)).contains("flexor-tendon.motion.by-6");
    }

    /** A hold on motion here does harm: at most two days, then it escalates. */
    @ParameterizedTest
    @CsvSource({"11,false", "12,true"})
    void aHoldEscalatesAfterTwoDays(int day, boolean escalates) {
        LocalDate dayZero = finger("").course().resolved().dayZero();
        Hold hold = new Hold(
                Hold.Kind.OTHER, "swollen", dayZero.plusDays(10), dayZero.plusDays(11), Optional.empty(), "tester");
        History history = History.of(waypost.core.body.Side.RIGHT, Evidence.NONE, List.of(), List.of(hold));
        LocalDate date = dayZero.plusDays(day);

        assertThat(finger("")
                        .course()
                        .with(history)
                        .on(date, date, Outlook.TIME_ONLY)
                        .duties())
                .filteredOn(DutyStatus.HeldTooLong.class::isInstance)
                .hasSize(escalates ? 1 : 0);
    }

    @Test
    void theStricterSchoolIsTheDefaultAndShownAsOne() {
        TableCourse course = finger("");

        assertThat(course.allowsNothing("active.passive-only", 27)).isTrue();
        assertThat(course.course().resolved().answers().stated()).doesNotContainKey("school");
    }
}
