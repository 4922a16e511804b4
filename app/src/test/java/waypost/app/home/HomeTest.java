package waypost.app.home;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** A program for home: written, refused, changed, and on paper in the patient's words. */
@Tag("served")
class HomeTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final String SLIDE = "heel-slide/operated";

    private Working visit;

    @BeforeEach
    void open() {
        visit = Working.on(THERAPIST, 52).checkedIn();
    }

    private Map<String, String> form(String role) {
        Map<String, String> form = new HashMap<>();
        form.put("programId", UUID.randomUUID().toString());
        form.put("seen", seen());
        form.put("until", RunningWaypost.TODAY.plusDays(13).toString());
        form.put("wakes", "07:30");
        form.put("sleeps", "22:00");
        form.put("language", "en");
        form.put("words", "");
        form.put("goes", role);
        form.put("role", role);
        form.put("sets", "2");
        form.put("amount", "8 to 10");
        form.put("load", "");
        form.put("rhythm", "3");
        form.put("growth", "");
        form.put("say", "");
        return form;
    }

    private String seen() {
        Matcher seen = Pattern.compile("name=\"seen\" value=\"([^\"]*)\"").matcher(visit.get("/home"));
        return seen.find() ? seen.group(1) : "";
    }

    private Visitor.Answer written(Map<String, String> form) {
        return visit.post("/home", form);
    }

    @Test
    void goesOnPaperInPlainWordsWithAGrid() {
        Map<String, String> form = form(SLIDE);
        form.put("words", "Well done so far.");
        form.put("growth", "1/2");
        assertThat(written(form).status()).isEqualTo(302);

        assertThat(visit.get("/home")).contains("Written by Maren Arkwell, holds until Wed 16 Apr 2031.");
        assertThat(visit.get("/home/print"))
                .contains(
                        "Your plan at home",
                        "2 rounds of 8 to 10 times",
                        "3 times a day",
                        "1 more every 2 days, up to 20.",
                        "From Thursday 3 April to Wednesday 16 April.",
                        "Your therapist says: Well done so far.",
                        "Call an ambulance for this",
                        "Easier: ",
                        "Not yet",
                        "The diamond marks the operated side.")
                .doesNotContain("at most 90° of flexion");
    }

    @Test
    void speaksThePatientsLanguage() {
        Map<String, String> form = form(SLIDE);
        form.put("language", "de");
        form.put("rhythm", "h120");
        written(form);

        assertThat(visit.get("/home/print"))
                .contains(
                        "Ihr Plan für zu Hause",
                        "Ferse heranziehen",
                        "2 Runden, je 8 bis 10 Mal",
                        "alle zwei Stunden von 07:30 bis 22:00",
                        "Zeiten: 07:30 09:30 11:30",
                        "Von Donnerstag, 3. April bis Mittwoch, 16. April.",
                        "Rufen Sie jetzt den Notarzt.",
                        "Leichter: der Fuß auf einem Handtuch auf glattem Boden.",
                        "lang=\"de\"")
                .doesNotContain("Heel slide", "Not yet");
    }

    @Test
    void whatIsNotOpenDoesNotGoHomeAndWhatWasTypedIsStillThere() {
        Map<String, String> form = form("hop-forward/operated");
        form.put("words", "Kept.");
        Visitor.Answer refused = written(form);

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).contains("can&#39;t go home with this dose", "Kept.", "value=\"8 to 10\"");
        assertThat(visit.get("/home/print")).contains("No program is written yet.");
    }

    @Test
    void whatNobodyCanReadIsRefusedByName() {
        Map<String, String> wrong = Map.of(
                "amount", "Heel slide: A set: found",
                "sets", "allowed: 1 to 20",
                "rhythm", "allowed: one of the list",
                "growth", "allowed: one of the list",
                "load", "Heel slide: ",
                "language", "allowed: en or de",
                "until", "allowed:");
        wrong.forEach((field, says) -> {
            Map<String, String> form = form(SLIDE);
            form.put(field, field.equals("sets") ? "" : "nine lives");
            Visitor.Answer refused = written(form);
            assertThat(refused.status()).as(field).isEqualTo(422);
            assertThat(refused.body()).as(field).contains(says);
        });
        Map<String, String> tooLong = form(SLIDE);
        tooLong.put("until", RunningWaypost.TODAY.plusDays(60).toString());
        assertThat(written(tooLong).body()).contains("found 61 days, allowed: 1 to 42 days");
        Map<String, String> nothing = form(SLIDE);
        nothing.put("goes", "");
        assertThat(written(nothing).body()).contains("found 0, allowed: 1 to 20");
    }

    @ParameterizedTest
    @ValueSource(strings = {"goniometry/operated", "quad-set/operated/too", "nothing", "made-up/operated", ""})
    void whatIsNoExerciseIsRefused(String role) {
        Visitor.Answer refused = written(form(role));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).contains("allowed:");
    }

    @Test
    void sentTwiceItIsWrittenOnceAndWhoComesSecondIsTold() {
        Map<String, String> form = form(SLIDE);
        Map<String, String> second = form(SLIDE);
        assertThat(written(form).status()).isEqualTo(302);
        assertThat(written(form).status()).isEqualTo(302);
        assertThat(written(second).body()).contains("Somebody else wrote a program for this patient a moment ago.");
    }

    @Test
    void whatChangedIsMarked() {
        written(form(SLIDE));
        Map<String, String> changed = form(SLIDE);
        changed.put("rhythm", "5");
        written(changed);

        assertThat(visit.get("/home/print")).contains("changed", "5 times a day");
    }

    @Test
    void theNoteSaysWhatTheProgramHas() {
        written(form(SLIDE));
        assertThat(visit.get("/wrap-up")).contains("Heel slide", "2 × 8 to 10 reps", "3 a day");
    }

    @Test
    void anotherClinicSeesNothingOfIt() {
        written(form(SLIDE));
        Visitor stranger = Visitor.signedIn("upriver");
        assertThat(stranger.get(visit.path() + "/home").status()).isEqualTo(404);
        assertThat(stranger.get(visit.path() + "/home/print").status()).isEqualTo(404);
    }

    @Test
    void theClinicsNumberStandsOnTheSheet() {
        Visitor lead = Visitor.signedIn("lead");
        assertThat(lead.post("/clinic/phone", Map.of("number", "call me maybe")).body())
                .contains("allowed: digits");
        assertThat(lead.post("/clinic/phone", Map.of("number", "+43 1 234 50")).status())
                .isEqualTo(302);
        written(form(SLIDE));
        assertThat(visit.get("/home/print")).contains("Your clinic: +43 1 234 50");
    }
}
