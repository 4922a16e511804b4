package waypost.app.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.app.store.CourseLoader;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.measure.Reading;

/** The measuring sheet over HTTP: each entry is kept at once, doubted where it should be, and written once. */
@Tag("served")
class SheetTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final Visitor ASSISTANT = Visitor.signedIn("assistant");
    private static int numbers;

    private final String course = newCourse(100);

    private static String newCourse(int daysAgo) {
        Map<String, String> form = Referring.form("Sheet Person", "SH-" + ++numbers, daysAgo);
        assertThat(THERAPIST.post("/courses", form).status()).isEqualTo(302);
        return form.get("courseId");
    }

    private static Map<String, String> entry(String side, String mode, String said) {
        return new HashMap<>(
                Map.of("entryId", UUID.randomUUID().toString(), "side", side, "mode", mode, "said", said, "seen", ""));
    }

    private Visitor.Answer keep(String measure, Map<String, String> entry) {
        return keep(THERAPIST, measure, entry);
    }

    private Visitor.Answer keep(Visitor by, String measure, Map<String, String> entry) {
        return by.postPart("/courses/" + course + "/sheet/" + measure, entry);
    }

    private List<Reading> readings(String measure, Side side, Mode mode) {
        RunningWaypost waypost = RunningWaypost.get();
        return waypost.bean(CourseLoader.class)
                .load(waypost.staff("therapist").clinicId(), UUID.fromString(course))
                .course()
                .history()
                .readings()
                .strict(measure, side, mode);
    }

    private List<KeptReading> kept() {
        RunningWaypost waypost = RunningWaypost.get();
        CourseLoader loader = waypost.bean(CourseLoader.class);
        return waypost.bean(ReadingEntry.class)
                .kept(loader.load(waypost.staff("therapist").clinicId(), UUID.fromString(course)));
    }

    @Test
    void anEntryIsKeptAtOnceAndItsRowTellsWhatFollows() {
        keep("knee-flexion", entry("RIGHT", "PASSIVE", "140"));
        Visitor.Answer answer = keep("knee-flexion", entry("LEFT", "PASSIVE", "118"));

        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.body())
                .startsWith("<!DOCTYPE html>")
                .contains("id=\"row-knee-flexion\"")
                .contains("118° today")
                .contains("passive: 22° short of the right")
                .contains("id=\"blocks\"");
        assertThat(readings("knee-flexion", Side.LEFT, Mode.PASSIVE)).hasSize(1);
    }

    @Test
    void aWholeRangeFillsBothEnds() {
        Visitor.Answer answer = keep("knee-flexion", entry("LEFT", "ACTIVE", "0-8-110"));

        assertThat(answer.body())
                .contains("id=\"row-knee-flexion\"", "id=\"row-knee-extension\"", "hx-swap-oob=\"true\"");
        assertThat(answer.body().indexOf("row-knee-flexion"))
                .isLessThan(answer.body().indexOf("row-knee-extension"));
        assertThat(readings("knee-extension", Side.LEFT, Mode.ACTIVE)
                        .get(0)
                        .amount()
                        .value())
                .isEqualTo(8);
    }

    @Test
    void sentTwiceItIsWrittenOnce() {
        Map<String, String> entry = entry("LEFT", "PASSIVE", "118");
        keep("knee-flexion", entry);

        assertThat(keep("knee-flexion", entry).status()).isEqualTo(200);
        assertThat(kept()).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "5-10-120|which can&#39;t both be",
                "0-0-200|read as 0° to 200°",
                "many|allowed: a number of degrees",
                "170|allowed: 0° to 165°"
            })
    void whatCannotBeIsRefusedInItsCellWithWhatWasTyped(String said, String message) {
        Visitor.Answer answer = keep("knee-flexion", entry("LEFT", "PASSIVE", said));

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(message).contains("value=\"" + said + "\"");
        assertThat(kept()).isEmpty();
    }

    @Test
    void aCompensatedReadingIsKeptWithItsPainAndEndFeelAndDoesNotCount() {
        Map<String, String> entry = entry("LEFT", "PASSIVE", "131");
        entry.putAll(
                Map.of("compensated", "true", "pain", "4", "endFeel", "EMPTY", "tool", "BY_EYE", "rater", "Nia Orr"));

        assertThat(keep("knee-flexion", entry).body()).contains("compensated, does not count");
        assertThat(readings("knee-flexion", Side.LEFT, Mode.PASSIVE)).isEmpty();
        assertThat(THERAPIST.get("/courses/" + course + "/measures/readings").body())
                .contains("by eye; pain 4 of 10; empty end feel", "Nia Orr");
    }

    @Test
    void anUnlikelyJumpIsConfirmedBeforeItIsWritten() {
        keep("knee-flexion", entry("LEFT", "PASSIVE", "90"));
        Map<String, String> jump = entry("LEFT", "PASSIVE", "125");

        Visitor.Answer asked = keep("knee-flexion", jump);
        assertThat(asked.status()).isEqualTo(409);
        assertThat(asked.body()).contains("35° better than 90°", "It is right: keep it", "value=\"125\"");
        assertThat(kept()).hasSize(1);

        jump.put("confirmed", "true");
        assertThat(keep("knee-flexion", jump).status()).isEqualTo(200);
        assertThat(kept()).hasSize(2);
    }

    @Test
    void activeBeyondPassiveIsToldWhicheverComesLast() {
        keep("knee-flexion", entry("LEFT", "PASSIVE", "100"));

        assertThat(keep("knee-flexion", entry("LEFT", "ACTIVE", "112")).body())
                .contains("active 112° goes further than passive 100° by more than the tool");
    }

    /** 212 N at 35 cm by definition: 74.2 N·m; 82 kg make 0.90 N·m/kg. */
    @Test
    void trialsBecomeATorqueWithWhatItWasWorkedOutFrom() {
        keep("body-mass", entry("LEFT", "ACTIVE", "82"));
        Map<String, String> entry = entry("LEFT", "ACTIVE", "");
        entry.putAll(Map.of("trial", "212", "unit", "NEWTON", "lever", "35", "choice", "BEST"));

        Visitor.Answer answer = keep("quadriceps-torque-90", entry);

        assertThat(answer.status()).isEqualTo(200);
        assertThat(readings("quadriceps-torque-90", Side.LEFT, Mode.ACTIVE)
                        .get(0)
                        .amount()
                        .value())
                .isCloseTo(74.2, within(1e-9));
        assertThat(kept()).extracting(KeptReading::working).contains("best of 212 N × 35 cm");
    }

    @Test
    void aPreviewWorksItOutWithoutWriting() {
        Map<String, String> entry = entry("LEFT", "ACTIVE", "");
        entry.putAll(Map.of("trial", "50", "unit", "POUND_FORCE", "lever", "30"));

        Visitor.Answer answer = THERAPIST.postPart("/courses/" + course + "/sheet/quadriceps-torque-90/preview", entry);
        assertThat(answer.body()).contains("66.7 N·m", "best of 50 lbf × 30 cm");
        entry.put("lever", "300");
        assertThat(THERAPIST
                        .postPart("/courses/" + course + "/sheet/quadriceps-torque-90/preview", entry)
                        .body())
                .contains("allowed: 2 to 100 cm");
        assertThat(kept()).isEmpty();
    }

    @Test
    void aTestThatIsNotSafeYetIsNotTakenOnTheOperatedSide() {
        String early = newCourse(20);
        String path = "/courses/" + early + "/sheet/quadriceps-torque-90";

        Visitor.Answer operated = THERAPIST.postPart(path, entry("LEFT", "ACTIVE", "120"));
        Visitor.Answer other = THERAPIST.postPart(path, entry("RIGHT", "ACTIVE", "120"));

        assertThat(operated.status()).isEqualTo(422);
        assertThat(operated.body()).contains("is not safe on the operated side before", "Instead: ", "order");
        assertThat(other.status()).isEqualTo(200);
    }

    @Test
    void twoWhoMeasureTheSameAreBothKeptAndToldOfEachOther() {
        keep(ASSISTANT, "knee-flexion", entry("LEFT", "PASSIVE", "110"));

        Visitor.Answer second = keep("knee-flexion", entry("LEFT", "PASSIVE", "116"));

        assertThat(second.status()).isEqualTo(200);
        assertThat(second.body()).contains("measured this too, at ", "Both are kept and the later counts");
        assertThat(kept()).extracting(reading -> reading.value().intValue()).containsExactly(110, 116);
    }

    /** Twenty answers of 3 are 60 of 80, by the score's published arithmetic (from memory). */
    @Test
    void answersByNumberAreScoredOnAMeasureThatWasAdded() {
        String path = "/courses/" + course + "/sheet/lower-extremity-score?answer="
                + String.join("&answer=", Collections.nCopies(20, "3"));

        assertThat(THERAPIST
                        .get("/courses/" + course + "/measures?also=lower-extremity-score")
                        .body())
                .contains("Lower-extremity functional score", "each 0 to 4, at least 20 answered");
        assertThat(THERAPIST.postPart(path, entry("LEFT", "ACTIVE", "")).status())
                .isEqualTo(200);
        assertThat(kept())
                .singleElement()
                .satisfies(reading -> assertThat(reading.value().doubleValue()).isEqualTo(60));
        assertThat(THERAPIST
                        .postPart(path.replaceFirst("=3", "="), entry("LEFT", "ACTIVE", ""))
                        .body())
                .contains("found 19 given, allowed: at least 20 of 20");
    }

    @Test
    void anEntryThatWaitedForTheConnectionKeepsItsDay() {
        Map<String, String> entry = entry("LEFT", "PASSIVE", "101");
        entry.put("measuredOn", RunningWaypost.TODAY.minusDays(1).toString());
        keep("knee-flexion", entry);
        Map<String, String> ahead = entry("LEFT", "PASSIVE", "101");
        ahead.put("measuredOn", RunningWaypost.TODAY.plusDays(1).toString());

        assertThat(kept())
                .singleElement()
                .satisfies(reading -> assertThat(reading.measuredOn()).isEqualTo(RunningWaypost.TODAY.minusDays(1)));
        assertThat(keep("knee-flexion", ahead).status()).isEqualTo(422);
    }
}
