package waypost.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.core.function.BloodFlowRestriction;

/** The bench: every calculator against its check value, and its result on a record. */
@Tag("served")
class BenchTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static int numbers;

    /** The handbook's check values where it has them; the others by their definitions. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "repetition-maximum?load=100&repetitions=10|133.3 kg",
                "symmetry?operated=144&other=180|80 %",
                "symmetry?operated=2.5&other=2&better=LOWER|80 %",
                "symmetry?operated=144&other=160&before=180|20 worse than before surgery: symmetry flatters",
                "ratio?outward=24&inward=32|75 %",
                "torque?force=10&unit=KILOGRAM_FORCE&lever=100|98.1 N·m",
                "torque?force=200&lever=35&mass=80|0.88 N·m/kg",
                "finger-motion?mcp=85&pip=90&dip=60&pipLacks=5|230°",
                "finger-motion?pip=100&dip=75&pipLacks=0|100 %, excellent",
                "weight-bearing?mass=82&share=40|32.8 kg",
                "weight-bearing?mass=180.78&unit=POUNDS&share=40|32.8 kg",
                "seat?knee=46&thigh=44&seat=40&lean=0|97.8°",
                "seat?knee=46&thigh=44&seat=40&lean=15|82.8°",
                "tempo?sets=3&repetitions=12&tempo=3-0-2-1&load=8|216 s",
                "contacts?minutes=10&steps=165|1650",
                "session-load?effort=5&minutes=40|200",
                "reach?forward=60&inward=95&outward=90&leg=90|90.7 % of leg length"
            })
    void worksOutItsCheckValue(String path, String value) {
        assertThat(THERAPIST.get("/bench/" + path).body()).contains(value);
    }

    static Stream<Calculator> calculators() {
        return RunningWaypost.get().bean(Bench.class).calculators().stream();
    }

    @ParameterizedTest
    @MethodSource("calculators")
    void tellsFormulaSourceAndLimitsAndRefusesNonsenseInPlace(Calculator calculator) {
        assertThat(calculator.face().source()).matches("(?s).*(definition|memory|no source).*");
        String nonsense = calculator.fields().stream()
                .map(field -> field.name() + "=many")
                .collect(Collectors.joining("&"));

        assertThat(THERAPIST.get("/bench/" + calculator.id()).body()).contains("Formula", "Source", "Limits");
        assertThat(THERAPIST.get("/bench/" + calculator.id() + "?" + nonsense).body())
                .contains("allowed: ")
                .doesNotContain("Something went wrong");
    }

    @Test
    void theCuffAsksBeforeItTellsAPressure() {
        String no = Stream.of(BloodFlowRestriction.Caution.values())
                .map(caution -> caution.name().toLowerCase(Locale.ROOT) + "=no")
                .collect(Collectors.joining("&"));

        assertThat(THERAPIST.get("/bench/cuff?pressure=180&maximum=60").body())
                .contains("answered yes or not at all")
                .doesNotContain("mmHg</dd>");
        assertThat(THERAPIST
                        .get("/bench/cuff?pressure=180&maximum=60&" + no.replace("clots=no", "clots=yes"))
                        .body())
                .contains("found 1 questions answered yes")
                .doesNotContain("mmHg</dd>");
        assertThat(THERAPIST.get("/bench/cuff?pressure=180&maximum=60&" + no).body())
                .contains("72 to 144 mmHg", "12 to 24 kg", "30-15-15-15");
    }

    private static String newCourse(int daysAgo) {
        Map<String, String> form = Referring.form("Bench Person " + ++numbers, "BE-" + numbers, daysAgo);
        THERAPIST.post("/courses", form);
        return form.get("courseId");
    }

    private static Map<String, String> torque(String course, String measure, String side) {
        return new HashMap<>(Map.of(
                "entryId",
                UUID.randomUUID().toString(),
                "courseId",
                course,
                "measure",
                measure,
                "side",
                side,
                "force",
                "200",
                "unit",
                "NEWTON",
                "lever",
                "35"));
    }

    @Test
    void aResultGoesOnARecordAsAReadingOnce() {
        String course = newCourse(120);
        assertThat(THERAPIST
                        .post("/bench/torque/patient", Map.of("patient", "BE-" + numbers))
                        .body())
                .contains("Bench Person " + numbers, "Quadriceps strength, held at 90 degrees");
        Map<String, String> form = torque(course, "quadriceps-torque-90", "LEFT");

        assertThat(THERAPIST.post("/bench/torque/record", form).body()).contains("On the record of Bench Person");
        THERAPIST.post("/bench/torque/record", form);

        String readings =
                THERAPIST.get("/courses/" + course + "/measures/readings").body();
        assertThat(readings)
                .containsOnlyOnce("Torque from force: torque 70 N·m")
                .contains("by bench");
    }

    @Test
    void aResultThatIsNoReadingIsKeptAsANote() {
        String course = newCourse(120);

        THERAPIST.post("/bench/torque/record", torque(course, "", "LEFT"));

        assertThat(THERAPIST.get("/courses/" + course + "/record").body())
                .contains("Worked out at the bench", "Torque from force: torque 70 N·m; force 200 N");
    }

    @Test
    void whatMayNotBeTestedYetIsNotPutOnRecord() {
        String course = newCourse(20);

        Visitor.Answer answer = THERAPIST.post("/bench/torque/record", torque(course, "quadriceps-torque-90", "LEFT"));

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains("may not be tested on the operated side today", "Nothing was written");
        assertThat(THERAPIST
                        .post("/bench/torque/record", torque(course, "knee-flexion", "LEFT"))
                        .body())
                .contains("Choose a measure that this calculation yields");
    }
}
