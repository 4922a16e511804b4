package waypost.library.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.core.body.Joint;
import waypost.core.exercise.RoleKey;
import waypost.core.paper.PaperReader;
import waypost.core.paper.PaperRule;
import waypost.core.paper.Understanding;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.time.CourseDay;
import waypost.library.Shipped;
import waypost.library.bundle.Bundle;
import waypost.library.lint.Finding;
import waypost.library.lint.Lint;
import waypost.library.lint.NormalHealing;

/** Three invented surgeons' papers of different style and convention, over protocols that ship. */
@Tag("slow")
class PaperTest {

    private static final Bundle SHIPPED = Shipped.BUNDLE;
    private static final Map<Written, Bundle> READ = new ConcurrentHashMap<>();

    /** A paper as it is typed in. */
    enum Written {
        /** Terse, durations, a brace that is opened step by step. */
        KNEE(
                "own.knee-north",
                "knee.meniscus-repair",
                Joint.KNEE,
                Map.of("then-length", "in-all"),
                "NWB 4 wks then 50% WB x 8 wks, then FWB",
                "brace locked in ext. 4 wks, out for hygiene",
                "PROM 0-90 x 6 wks",
                "No flexion > 90 for 8 weeks",
                "no resisted hamstring until 12 weeks",
                "no squats until 12 wks",
                "stationary bike at 8 weeks",
                "no running until 5 months"),
        /** In whole words, weeks named as they begin. */
        SHOULDER(
                "own.shoulder-lake",
                "shoulder.labral-repair",
                Joint.SHOULDER,
                Map.of("week-names", "nth"),
                "Sling at all times for 6 weeks, out for exercises",
                "No external rotation past 20 until week 9",
                "No active elevation until week 9",
                "No lifting over 2 kg for 16 weeks",
                "Pendulums at week 3",
                "Start bands at 14 weeks",
                "Throwing program at 6 months"),
        /** By completed weeks, with a milestone. */
        HIP(
                "own.hip-hill",
                "hip.replacement",
                Joint.HIP,
                Map.of("week-names", "completed"),
                "TTWB until week 3, then WBAT",
                "no flexion past 80 until week 12",
                "no adduction past neutral x 12 weeks",
                "no resisted abduction x 8 wks",
                "stationary bike at week 6",
                "no jumping until 12 months");

        private final String id;
        private final String base;
        private final Joint joint;
        private final Map<String, String> answers;
        private final List<String> lines;

        Written(String id, String base, Joint joint, Map<String, String> answers, String... lines) {
            this.id = id;
            this.base = base;
            this.joint = joint;
            this.answers = answers;
            this.lines = List.of(lines);
        }

        Paper paper() {
            PaperReader reader = new PaperReader(PaperWords.shipped(), joint);
            List<PaperRule> rules = new ArrayList<>();
            for (String line : lines) {
                Understanding read = reader.read(line, answers);
                assertThat(read).as(line).isInstanceOf(Understanding.Understood.class);
                rules.addAll(((Understanding.Understood) read).rules());
            }
            return new Paper(id, "After Dr Nobody", base, rules);
        }

        Bundle bundle() {
            return READ.computeIfAbsent(this, written -> written.paper().over(SHIPPED));
        }

        NormalHealing healing(Bundle bundle, String protocol) {
            return NormalHealing.of(bundle.protocol(protocol), Answers.NONE, bundle);
        }
    }

    @ParameterizedTest
    @EnumSource
    void lintFindsOnlyWhereThePaperMeetsTheProtocol(Written written) {
        assertThat(written.paper().problems(SHIPPED)).isEmpty();
        Bundle bundle = written.bundle();
        assertThat(kinds(Lint.of(bundle.protocol(written.id), bundle)))
                .isSubsetOf("OPEN_WHILE_BARRED", "DUTY_AGAINST_LIMIT", "NEEDS_UNSAFE_TEST", "NOT_TOLD_PLAINLY");
    }

    private static Set<String> kinds(List<Finding> findings) {
        Set<String> kinds = new HashSet<>();
        findings.forEach(finding -> kinds.add(finding.check().toString()));
        return kinds;
    }

    /** First open days with the paper, worked out by hand from its lines and the protocol below. */
    @ParameterizedTest
    @CsvSource({
        "KNEE,bike-easy/both,56",
        "KNEE,run-walk/both,150",
        "KNEE,wall-squat/both,84",
        "SHOULDER,pendulum/operated,14",
        "SHOULDER,band-out-side/operated,98",
        "HIP,bike-easy/both,42"
    })
    void opensAsThePaperSays(Written written, String role, int day) {
        Bundle bundle = written.bundle();
        int base = first(written.healing(bundle, written.base), role).orElseThrow();
        assertThat(first(written.healing(bundle, written.id), role)).hasValue(Math.max(day, base));
    }

    private static Optional<Integer> first(NormalHealing healing, String role) {
        return healing.firstOpen(RoleKey.of(role)).map(CourseDay::number);
    }

    /** A paper adds: on no day is anything open with it that is not open without. */
    @ParameterizedTest
    @EnumSource
    void nothingOpensThatTheProtocolKeepsClosed(Written written) {
        Bundle bundle = written.bundle();
        NormalHealing base = written.healing(bundle, written.base);
        NormalHealing own = written.healing(bundle, written.id);
        for (CourseDay day : own.days()) {
            Set<RoleKey> open = new HashSet<>();
            base.on(day).verdicts().stream()
                    .filter(verdict -> verdict.kind().isOpen())
                    .forEach(verdict -> open.add(verdict.role()));
            assertThat(own.on(day).verdicts().stream()
                            .filter(verdict -> verdict.kind().isOpen())
                            .map(verdict -> verdict.role()))
                    .as("day " + day)
                    .isSubsetOf(open);
        }
    }

    @ParameterizedTest
    @EnumSource
    void theSameRulesGiveTheSameBytes(Written written) {
        assertThat(written.paper().yaml(SHIPPED)).isEqualTo(written.paper().yaml(SHIPPED));
        assertThat(written.bundle().hash())
                .isEqualTo(written.paper().over(SHIPPED).hash());
    }

    @Test
    void whatThePaperWouldLoosenIsSaidAndHolds() {
        Paper paper = paper("no flexion past 120 x 6 wks", "no jumping until 4 weeks");
        Bundle bundle = paper.over(SHIPPED);
        Protocol base = bundle.protocol("knee.meniscus-repair");
        PaperDifference difference = PaperDifference.of(base, bundle.protocol(paper.id()), bundle);
        assertThat(difference.later()).isEmpty();
        assertThat(difference.looser())
                .isNotEmpty()
                .allSatisfy(said -> assertThat(said).contains("at most 90° of flexion"));
        assertThat(difference.open()).allSatisfy(day -> assertThat(day.now()).isEqualTo(day.before()));
    }

    @ParameterizedTest
    @ValueSource(strings = {"50% WB at 4 weeks", "FF to 90 passive at 2 weeks"})
    void aLimitWithoutAnEndIsNoProtocolYet(String line) {
        Paper paper = new Paper(
                "own.x", "X", "knee.meniscus-repair", rules(line.startsWith("FF") ? Joint.SHOULDER : Joint.KNEE, line));
        assertThat(paper.problems(SHIPPED))
                .hasSize(1)
                .allSatisfy(said -> assertThat(said).startsWith("It has no end: "));
    }

    @Test
    void twoLinesThatSpeakOfTheSameDaysAreSaid() {
        assertThat(paper("NWB 6 wks", "50% WB x 8 weeks").problems(SHIPPED))
                .hasSize(1)
                .allSatisfy(said -> assertThat(said).startsWith("Two lines speak of the same days: "));
        assertThat(paper("NWB 6 wks", "50% WB from 6 to 8 weeks").problems(SHIPPED))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"own,T", "knee.mine,T", "own.Ä,T", "own.a/../b,T", "own.a,''"})
    void aNameThatIsNoneIsRefused(String id, String title) {
        assertThatThrownBy(() -> new Paper(id, title, "knee.meniscus-repair", List.of()))
                .hasMessageContaining("allowed");
    }

    /** A title is words and nothing more: it can't say anything else in the file. */
    @Test
    void aTitleIsATitle() {
        Bundle bundle = new Paper(
                        "own.t", "A \"quoted\" \\ $1: { title } # not a comment", "knee.meniscectomy", List.of())
                .over(SHIPPED);
        assertThat(bundle.protocol("own.t").title()).isEqualTo("A 'quoted'  $1: { title } # not a comment");
    }

    private static Paper paper(String... lines) {
        return new Paper(
                "own.x",
                "X",
                "knee.meniscus-repair",
                Stream.of(lines)
                        .flatMap(line -> rules(Joint.KNEE, line).stream())
                        .toList());
    }

    private static List<PaperRule> rules(Joint joint, String line) {
        return ((Understanding.Understood) new PaperReader(PaperWords.shipped(), joint).read(line, Map.of())).rules();
    }
}
