package waypost.library.judge;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@Tag("slow")
class JudgeCommandTest {

    private static final Path EARLY = Path.of("src/test/resources/courses/early-school.yaml");

    @TempDir
    Path folder;

    private record Ran(int exit, String out, String err) {}

    private static Ran judge(String... args) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        int exit = JudgeCommand.commandLine(utf8(out), utf8(err)).execute(args);
        return new Ran(exit, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
    }

    private static PrintStream utf8(ByteArrayOutputStream bytes) {
        return new PrintStream(bytes, true, StandardCharsets.UTF_8);
    }

    @Test
    void saysVerdictsWithReasonsInWords() {
        Ran ran = judge(EARLY.toString(), "--on", "2031-04-03");

        assertThat(ran.exit()).isZero();
        assertThat(ran.out())
                .contains("early-school on 2031-04-03: day 52, 7 weeks 3 days completed · in week 8")
                .contains("ASK: Was a meniscus repaired, and how was it torn? Not stated: the stricter rule applies; an"
                        + " answer would open up to 21.")
                .contains("Stay between 10° and 90°; 0° to 90° asked. Until Mon 7 Apr 2031 (8 weeks completed).")
                .contains("test not safe yet: Quadriceps symmetry of 80 %. The test is safe from Mon 5 May 2031"
                        + " (12 weeks completed).")
                .contains("The therapist decides");
    }

    /** Another clinic made it: nobody here knows what it asks, and the rest is judged all the same. */
    @Test
    void aSetOfAClinicsOwnExerciseIsReadPast() throws IOException {
        Path file = folder.resolve("own.yaml");
        String set =
                "sets:\n  - { role: own-short-slide-1a2b3c/operated, on: 2031-04-01, amount: 10, pain: 1, form: good }\n";
        Files.writeString(file, Files.readString(EARLY) + "\n" + set);

        Ran ran = judge(file.toString(), "--on", "2031-04-03");

        assertThat(ran.err()).isEmpty();
        assertThat(ran.exit()).isZero();
        assertThat(ran.out()).doesNotContain("own-short-slide");
        assertThat(judge(EARLY.toString(), "--on", "2031-04-03").out()).isEqualTo(ran.out());
    }

    /** A hip on the other side: what one course closes no other opens, and it says which. */
    @Test
    void severalFilesAreSeveralCoursesOfOnePerson() {
        Ran ran = judge(EARLY.toString(), "src/test/resources/courses/fresh-shoulder.yaml", "--on", "2031-04-03");

        assertThat(ran.exit()).isZero();
        assertThat(ran.out())
                .contains("early-school on 2031-04-03")
                .contains("fresh-shoulder on 2031-04-03")
                .contains("Together with the other courses")
                .containsPattern("BARRED +arm-bike/both, right side, by fresh-shoulder")
                .doesNotContain("pendulum/operated, right side");
        JsonNode json = JsonMapper.builder()
                .build()
                .readTree(judge(
                                EARLY.toString(),
                                "src/test/resources/courses/fresh-shoulder.yaml",
                                "--on",
                                "2031-04-03",
                                "--json")
                        .out());
        assertThat(json).hasSize(2);
        assertThat(json.get(0).propertyNames()).containsExactly("course", "together");
        assertThat(json.get(0).get("together").get(0).propertyNames())
                .containsExactly("activity", "role", "side", "verdict", "decided-by");
    }

    /** What is printed keeps to the published schema, of one course and of several. */
    @Test
    void theOutputKeepsToItsSchema() throws IOException {
        Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("schema/judge.schema.json")), InputFormat.JSON);
        String one = judge(EARLY.toString(), "--on", "2031-04-03", "--json").out();
        String two = judge(
                        EARLY.toString(),
                        "src/test/resources/courses/fresh-shoulder.yaml",
                        "--on",
                        "2031-04-03",
                        "--json")
                .out();

        assertThat(schema.validate(one, InputFormat.JSON)).isEmpty();
        assertThat(schema.validate(two, InputFormat.JSON)).isEmpty();
        assertThat(schema.validate(one.replace("\"verdicts\"", "\"judged\""), InputFormat.JSON))
                .isNotEmpty();
    }

    /** What the page says, judge says: doses with their grounds, flags, what to do until a test is safe, switched off. */
    @Test
    void saysProposalsFlagsAndAlternatives() throws IOException {
        Path course = folder.resolve("worked.yaml");
        Files.writeString(course, Files.readString(EARLY) + """
                check-ins:
                  - { on: 2031-04-03, pain-now: "1", swelling: more, flags: [sharp] }
                sets:
                  - { on: 2031-04-01, role: quad-set/operated, amount: "10", pain: "0", form: good }
                """);
        JsonNode json = JsonMapper.builder()
                .build()
                .readTree(
                        judge(course.toString(), "--on", "2031-04-03", "--json").out());

        assertThat(json.get("proposals")).hasSize(1);
        assertThat(json.get("proposals").get(0).get("asked").asString()).isEqualTo("quad-set/operated");
        assertThat(json.get("proposals").get(0).get("why").size()).isPositive();
        assertThat(json.get("flags")).anySatisfy(flag -> {
            assertThat(flag.get("raised").asBoolean()).isTrue();
            assertThat(flag.get("tier").asString()).isEqualTo("step back");
        });
        assertThat(json.get("verdicts"))
                .anySatisfy(
                        verdict -> assertThat(verdict.get("instead").isNull()).isFalse());
    }

    @Test
    void twoArmsAreJudgedWithoutACrash() throws IOException {
        Path shoulder = Path.of("src/test/resources/courses/fresh-shoulder.yaml");
        String text = Files.readString(shoulder);
        boolean right = text.contains("side: right");
        Path other = folder.resolve("other.yaml");
        Files.writeString(
                other,
                text.replace("course: fresh-shoulder", "course: other-shoulder")
                        .replace(right ? "side: right" : "side: left", right ? "side: left" : "side: right"));

        Ran ran = judge(shoulder.toString(), other.toString(), "--on", "2031-09-03");

        assertThat(ran.exit()).as(ran.err()).isZero();
        assertThat(ran.out()).contains("by other-shoulder");
    }

    /** The keys are fixed: docs/formats/judge.md documents them. */
    @Test
    void jsonHasItsFixedKeys() {
        JsonNode json = JsonMapper.builder()
                .build()
                .readTree(
                        judge(EARLY.toString(), "--on", "2031-04-03", "--json").out());

        assertThat(json.propertyNames())
                .containsExactly(
                        "course",
                        "on",
                        "day",
                        "counted",
                        "phase",
                        "protocol",
                        "review",
                        "unanswered",
                        "precautions",
                        "duties",
                        "next",
                        "verdicts",
                        "proposals",
                        "flags");
        assertThat(json.get("verdicts").get(0).propertyNames())
                .containsExactly(
                        "activity",
                        "role",
                        "title",
                        "verdict",
                        "opens-by-time",
                        "nearest-open",
                        "next",
                        "instead",
                        "switched-off",
                        "reasons");
        assertThat(json.get("next").propertyNames())
                .containsExactly("phase", "earliest", "time-reached", "ready", "milestones");
        assertThat(json.get("precautions").get(0).propertyNames()).containsExactly("rule", "says", "until", "source");
        assertThat(json.get("day").intValue()).isEqualTo(52);
        assertThat(json.get("verdicts").size()).isGreaterThan(40);
    }

    @Test
    void refusesAWrongFileWithEveryProblemAndItsLine() throws IOException {
        Path wrong = folder.resolve("wrong.yaml");
        Files.writeString(
                wrong,
                Files.readString(EARLY).replace("side: right", "side: rihgt").replace("signed:", "singed:"));

        Ran ran = judge(wrong.toString(), "--on", "2031-04-03");

        assertThat(ran.exit()).isEqualTo(1);
        assertThat(ran.out()).isEmpty();
        assertThat(ran.err())
                .contains("wrong.yaml:5:7 side: found 'rihgt', allowed: left, right. Maybe 'right'")
                .contains("found the unknown key 'singed'")
                .contains("Maybe 'signed'");
    }

    @Test
    void refusesAReadingThatItsMeasureCannotHave() throws IOException {
        Path wrong = folder.resolve("wrong.yaml");
        Files.writeString(wrong, Files.readString(EARLY).replace("\"128\"", "\"228\""));

        assertThat(judge(wrong.toString(), "--on", "2031-04-03").err())
                .contains("readings[2]: Knee flexion: found 228°, allowed: 0° to 165°");
    }

    @Test
    void saysWhatIsMissing() {
        assertThat(judge("nowhere.yaml", "--on", "2031-04-03").err())
                .contains("judge: found no file 'nowhere.yaml', allowed: a course file");
        assertThat(judge(EARLY.toString()).err()).contains("Missing required option: '--on=<on>'");
    }
}
