package waypost.library.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Precaution;
import waypost.core.course.SignedPhase;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.log.Evidence;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.milestone.Milestone;
import waypost.library.KneeCourse;

/** What the pages say of milestones, precautions and signs. */
class MilestoneWordsTest {

    private static final LocalDate TODAY = KneeCourse.DAY_ZERO.plusDays(52);
    private final List<Reading> readings = new ArrayList<>();

    private MilestoneWordsTest read(String measure, Side side, Mode mode, double value, int day) {
        readings.add(new Reading(
                measure,
                side,
                mode,
                KneeCourse.BUNDLE.measure(measure).amount(value),
                KneeCourse.DAY_ZERO.plusDays(day),
                true,
                "tester",
                Optional.empty(),
                Optional.empty()));
        return this;
    }

    private Standing standing() {
        return Course.of(
                        new KneeCourse().with("open-chain", "early").resolved(),
                        KneeCourse.BUNDLE.activities(),
                        KneeCourse.BUNDLE.measures(),
                        History.of(
                                Side.RIGHT,
                                Evidence.of(new Readings(readings)),
                                List.of(new SignedPhase("one-leg", KneeCourse.DAY_ZERO.plusDays(42))),
                                List.of()))
                .on(TODAY, TODAY, Outlook.TIME_ONLY);
    }

    private String said(String criterion) {
        Milestone milestone = standing().milestones().stream()
                .filter(m -> m.criterion().id().equals(criterion))
                .findFirst()
                .orElseThrow();
        return MilestoneWords.state(milestone.state()) + ": "
                + new MilestoneWords(new Dates(KneeCourse.DAY_ZERO)).say(milestone);
    }

    @Test
    void sayWhatWasFoundAndWhatWouldChangeIt() {
        read("knee-flexion", Side.RIGHT, Mode.PASSIVE, 132, 50)
                .read("knee-extension", Side.LEFT, Mode.PASSIVE, -3, -4)
                .read("knee-extension", Side.RIGHT, Mode.PASSIVE, 1, 50)
                .read("knee-effusion", Side.RIGHT, Mode.ACTIVE, 2, 50)
                .read("pain-next-morning", Side.RIGHT, Mode.ACTIVE, 1, 20)
                .read("gait-clean", Side.RIGHT, Mode.ACTIVE, 1, 50);

        assertThat(said("bend-120")).isEqualTo("met: 132° on Tue 1 Apr 2031.");
        assertThat(said("bend-130"))
                .isEqualTo("pending: 132° on Tue 1 Apr 2031, met by less than the tool's error of 5°: measure again on"
                        + " another day.");
        assertThat(said("extension-equal")).isEqualTo("not met: 4° short of the other side on Tue 1 Apr 2031.");
        assertThat(said("effusion-trace")).isEqualTo("not met: 1+ on Tue 1 Apr 2031.");
        assertThat(said("pain-quiet"))
                .isEqualTo("out of date: 1 on Sun 2 Mar 2031; a reading counts for 14 days: measure again.");
        assertThat(said("gait-clean")).isEqualTo("met: seen on Tue 1 Apr 2031.");
        assertThat(said("lag-5")).isEqualTo("not measured: No reading yet: measure it.");
        assertThat(said("quadriceps-80"))
                .isEqualTo("test not safe yet: The test is safe from Mon 21 Apr 2031 (10 weeks completed).");
        assertThat(said("hop-80"))
                .isEqualTo("test not safe yet: The test is not safe yet; time alone does not open it.");
    }

    @Test
    void askForBothSidesWhereTheyAreCompared() {
        assertThat(said("extension-equal")).isEqualTo("not measured: No reading yet: measure it on both sides.");
    }

    @Test
    void precautionsSayWhatIsLeft() {
        List<String> said = standing().precautions().stream()
                .map((Precaution<?> p) -> PrecautionWords.say(p))
                .toList();

        assertThat(said)
                .containsExactly(
                        "Load on the new ligament: at most moderate effort",
                        "Open-chain straightening in a growing arc: 90° to 10° only",
                        "Bend on one leg: at most 60° of flexion",
                        "Impact: none",
                        "Twisting on the planted leg: at most low",
                        "Ground contacts: none",
                        "Running: none");
    }

    /** The strictest rule wins: what a stricter one on the same thing covers is not repeated. */
    @Test
    void theStripNamesOnlyTheStrictestOfRulesOnTheSameThing() {
        Standing standing = Course.of(
                        new KneeCourse().with("meniscus-repair", "not stated").resolved(),
                        KneeCourse.BUNDLE.activities(),
                        KneeCourse.BUNDLE.measures(),
                        History.of(Side.RIGHT, Evidence.NONE, List.of(), List.of()))
                .on(KneeCourse.DAY_ZERO.plusDays(24), KneeCourse.DAY_ZERO.plusDays(24), Outlook.TIME_ONLY);

        assertThat(rules(standing.precautions())).contains("meniscus.weight.vertical", "meniscus.bend.under-load");
        assertThat(rules(standing.strictestPrecautions()))
                .contains("meniscus.weight.strict", "meniscus.bend.strict", "meniscus.bend")
                .doesNotContain("meniscus.weight.vertical", "meniscus.bend.under-load");
    }

    private static List<String> rules(List<Precaution<?>> precautions) {
        return precautions.stream().map(p -> p.limit().from().ruleId()).toList();
    }

    @Test
    void signsCarryTheLimitTheDateOrWhatIsMissing() {
        assertThat(note("quad-set/operated")).isEmpty();
        assertThat(note("single-leg-squat/operated")).isEqualTo("to 60°");
        assertThat(note("long-arc/operated")).isEqualTo("90–10°");
        assertThat(note("goblet-squat/both")).isEqualTo("Mon 7 Apr");
        assertThat(note("bike-easy/both")).isEqualTo("measure range");
        assertThat(note("slider-curl/both")).isEqualTo("phase: Load, then land");
        assertThat(note("quadriceps-isometric-15/operated")).isEqualTo("until Mon 10 Nov");
        read("knee-flexion", Side.RIGHT, Mode.PASSIVE, 100, 50);
        assertThat(note("bike-easy/both")).isEqualTo("needs 110°");
    }

    private String note(String role) {
        RoleKey key = RoleKey.of(role);
        Standing standing = standing();
        Verdict verdict = standing.verdict(key);
        return SignWords.note(
                verdict,
                KneeCourse.BUNDLE
                        .findActivity(key.activity())
                        .orElseThrow()
                        .roles()
                        .get(0),
                standing);
    }
}
