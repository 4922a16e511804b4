package waypost.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.app.testing.Visitor;

/** A therapist's own dose: judged before it is kept, kept as it is until somebody changes it, and never written by two at once. */
@Tag("served")
class PrescribeTest {

    private static final String SLIDE = "heel-slide/operated";
    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final Visitor ASSISTANT = Visitor.signedIn("assistant");

    private final Working visit = Working.on(THERAPIST, 52).checkedIn();

    private Map<String, String> form(String... fields) {
        Map<String, String> form = new HashMap<>(Map.of(
                "entryId",
                UUID.randomUUID().toString(),
                "role",
                SLIDE,
                "seen",
                "",
                "sets",
                "4",
                "least",
                "8",
                "most",
                "12"));
        for (int nth = 0; nth < fields.length; nth += 2) {
            form.put(fields[nth], fields[nth + 1]);
        }
        return form;
    }

    private Visitor.Answer prescribe(String... fields) {
        return visit.post("/prescriptions", form(fields));
    }

    @Test
    void whatIsPrescribedIsProposedAndSaidWithItsWriter() {
        prescribe(
                "rest",
                "75",
                "tempo",
                "3-0-3-0",
                "times",
                "3",
                "per",
                "DAY",
                "pain",
                "0",
                "words",
                "heel flat, slowly");

        assertThat(visit.page(SLIDE))
                .contains(
                        "as prescribed",
                        "4 × 8 to 12 reps",
                        "by Maren Arkwell: 4 × 8 to 12 reps · tempo 3-0-3-0 · rest 75 s · 3 a day · pain at most 0.",
                        "“heel flat, slowly”",
                        "Rest 75 s",
                        "Tempo 3-0-3-0",
                        "No pain in a set, as prescribed.");
        assertThat(visit.get("/record"))
                .contains(
                        "Prescribed",
                        "heel-slide/operated: 4 × 8 to 12 reps, tempo 3-0-3-0, rest 75 s, 3 a day, pain at most 0");
    }

    @Test
    void aSmallChangeIsOneTap() {
        String panel = visit.get("/prescription?role=" + SLIDE);
        assertThat(panel).contains("name=\"nudge\"", "4 sets", "Open today: 3 × 10 reps");

        Map<String, String> tap = new HashMap<>(
                Map.of("entryId", UUID.randomUUID().toString(), "role", SLIDE, "seen", "", "nudge", "SET_MORE"));
        visit.post("/prescriptions", tap);

        assertThat(visit.page(SLIDE)).contains("4 × 10 reps", "by Maren Arkwell");
    }

    @Test
    void aSetDoneDoesNotOverwriteIt() {
        prescribe();
        visit.log(visit.set(SLIDE, 12, 0));

        assertThat(visit.page(SLIDE)).contains("Set 2 of 4", "4 × 8 to 12 reps", "Prescribed on ");
    }

    @Test
    void sentTwiceItIsWrittenOnce() {
        Map<String, String> form = form();
        visit.post("/prescriptions", form);

        assertThat(visit.post("/prescriptions", form).status()).isEqualTo(302);
    }

    @Test
    void ofTwoWhoWriteAtOnceTheSecondIsTold() {
        prescribe();

        Visitor.Answer second = prescribe("sets", "2");

        assertThat(second.status()).isEqualTo(422);
        assertThat(second.body())
                .contains("Maren Arkwell changed the dose of this exercise since this page was shown.");
        assertThat(visit.page(SLIDE)).contains("4 × 8 to 12 reps");
    }

    @Test
    void backToTheLibrarysDose() {
        prescribe();
        String seen = Working.hidden(visit.get("/prescription?role=" + SLIDE), "seen");

        visit.post("/prescriptions/end", Map.of("entryId", UUID.randomUUID().toString(), "role", SLIDE, "seen", seen));

        assertThat(visit.page(SLIDE)).contains("3 × 10 reps").doesNotContain("Prescribed on ");
        assertThat(prescribe("sets", "2").status()).isEqualTo(302);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "sets;0;Sets: found 0, allowed: 1 to 20",
                "sets;21;Sets: found 21, allowed: 1 to 20",
                "sets;;Say how many sets",
                "most;2001;allowed: 1 to 2000, the lesser first",
                "least;13;allowed: 1 to 2000, the lesser first",
                "most;many;allowed: a whole number",
                "tempo;fast;Tempo: found",
                "rest;2;Rest in seconds: found 2, allowed: 5 to 600",
                "pain;11;Pain: found 11, allowed: 0 to 10",
                "times;30;Frequency: found 30 a week, allowed: 1 to 21",
                "rule;CONTACTS;the exercise&#39;s own, or staying as prescribed",
                "setUp;box: high;this exercise is set up in one way",
                "day;SUNDAY;allowed: one of the choices shown",
                "seen;x;This form is damaged"
            })
    void whatCannotBeIsRefusedAndNothingIsKept(String field, String value, String says) {
        Visitor.Answer answer = prescribe("times", "3", "per", "WEEK", field, value == null ? "" : value);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(says);
        assertThat(visit.page(SLIDE)).doesNotContain("Prescribed on ");
    }

    @Test
    void whatWasTypedStandsThereStill() {
        assertThat(prescribe("tempo", "fast", "words", "heel flat").body())
                .contains("value=\"fast\"", "value=\"heel flat\"", "name=\"sets\"")
                .contains("value=\"4\"");
    }

    @Test
    void whatIsNotOpenTodayIsRefusedWithTheReason() {
        Visitor.Answer answer = prescribe("role", "jump-box/both", "least", "", "most", "5", "sets", "3");

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains("not open today in this form");
    }

    @Test
    void onlyWhoMayHoldPrescribes() {
        assertThat(visit.by(ASSISTANT).post("/prescriptions", form()).status()).isEqualTo(403);
        assertThat(visit.by(ASSISTANT).page(SLIDE)).doesNotContain("Change the dose");
    }

    @Test
    void theGateSpeaksWhileItIsTyped() {
        assertThat(visit.get("/prescription/judged?role=" + SLIDE + "&sets=5&most=12"))
                .contains("Open today: 5 × 12 reps.");
        assertThat(visit.get("/prescription/judged?role=" + SLIDE + "&sets=50&most=12"))
                .contains("allowed: 1 to 20");
    }
}
