package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.app.testing.Referring;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** A clinic's own order of bands, and where its names stand. */
@Tag("served")
class BandOrderTest {

    private static Map<String, String> order(String... names) {
        Map<String, String> form = new LinkedHashMap<>();
        form.put("id", UUID.randomUUID().toString());
        for (int i = 0; i < names.length; i++) {
            form.put("name" + (i + 1), names[i]);
        }
        return form;
    }

    /** The other clinic's order, so that the demo clinic's stays as the other tests know it. */
    @Test
    void aNewOrderIsShownAndKeepsItsPulls() {
        Visitor lead = Visitor.signedIn("upriver");
        Map<String, String> form = order("reed", "loam");
        form.put("pull1", "0,8");
        form.put("pull2", "1.5");

        assertThat(lead.post("/clinic/bands", form).body()).contains("The order is set.");
        assertThat(lead.get("/clinic/bands").body())
                .contains("value=\"reed\"")
                .contains("value=\"0.8\"")
                .contains("value=\"loam\"")
                .doesNotContain("value=\"sand\"");
        assertThat(lead.post("/clinic/bands", order("loam", "reed", "fen")).status())
                .isEqualTo(200);
        assertThat(lead.get("/clinic/bands").body()).contains("value=\"fen\"").doesNotContain("value=\"0.8\"");
    }

    @Test
    void theNamesStandBehindTheStepsOnACourse() {
        Visitor therapist = Visitor.signedIn("therapist");
        Map<String, String> referral = new HashMap<>(Referring.form("Band Person", "B-1", 100));
        therapist.post("/courses", referral);
        String course = "/courses/" + referral.get("courseId");

        assertThat(therapist.get(course + "?rung=band-curl/operated").body())
                .contains("band 2 (moss)")
                .contains("The next band after one to two weeks on one");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "name1|''|Found no name, allowed: at least one band, the lightest first.",
                "name3|red brick|Leave no gap between bands.",
                "name2|SAND|Found &#39;SAND&#39; twice",
                "pull1|heavy|Found &#39;heavy&#39;, allowed: a number of kilograms, or nothing.",
                "pull1|61|Found 61 kg, allowed: 0.1 to 60 kg, one decimal.",
                "pull1|0|Found 0 kg, allowed: 0.1 to 60 kg, one decimal.",
                "length1|4|Found &#39;4&#39;, allowed: 5 to 500 cm, or nothing.",
                "length1|long|Found &#39;long&#39;, allowed: 5 to 500 cm",
                "half1|1e9|Found &#39;1e9&#39;, allowed: a number of kilograms, or nothing."
            })
    void whatCannotBeTakenIsSaidInPlaceAndNothingIsWritten(String field, String typed, String said) {
        Visitor lead = Visitor.signedIn("lead");
        Map<String, String> form = order("sand");
        form.put(field, typed);

        var answer = lead.post("/clinic/bands", form);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(said).contains("Nothing was written yet.");
        assertThat(lead.get("/clinic/bands").body()).contains("value=\"plum\"");
    }

    @Test
    void eachBandPullsHarderThanTheOneBefore() {
        Map<String, String> form = order("sand", "moss");
        form.put("pull1", "2.0");
        form.put("pull2", "1.9");

        assertThat(Visitor.signedIn("lead").post("/clinic/bands", form).body())
                .contains("Found 1.9 kg, allowed: more than the lighter band&#39;s 2.0 kg.");
    }

    @Test
    void moreStretchNeverPullsLess() {
        Map<String, String> form = order("sand");
        form.put("half1", "2.0");
        form.put("pull1", "1.5");

        assertThat(Visitor.signedIn("lead").post("/clinic/bands", form).body())
                .contains("Found 1.5 kg, allowed: no less than the 2.0 kg at less stretch.");
    }

    /** The demo's bands are measured: 60 cm long, so one that is anchored at a metre is stretched. */
    @Test
    void theCardTellsForceAndTorqueOfTheClinicsBand() {
        Working visit = Working.beginner(Visitor.signedIn("therapist"), 20).checkedIn();
        visit.plan("ADD", "band-curl/operated", "");

        assertThat(visit.page("band-curl/operated"))
                .containsPattern(
                        "The band pulls \\d+ N at the start and \\d+ N at the end: [\\d.]+ N·m and [\\d.]+ N·m at"
                                + " the knee, for somebody of 1.75 m\\.");
    }

    /** The demo's springs are measured to three times their 60 cm, so the carriage's whole way is told. */
    @Test
    void theCardTellsWhichSpringStaysWithinTheDose() {
        Working visit = Working.beginner(Visitor.signedIn("therapist"), 20).checkedIn();
        visit.plan("ADD", "carriage-both/operated", "");

        assertThat(visit.page("carriage-both/operated"))
                .containsPattern(
                        "Spring (reed|gull|reed and gull): \\d+ N in each hand at the start, \\d+ N at the far end,"
                                + " \\d+ cm on; [\\d.]+ and [\\d.]+ N·m at the shoulder, for somebody of 1\\.75 m\\.");
    }

    @Test
    void springsAreAnOrderOfTheirOwn() {
        Visitor lead = Visitor.signedIn("upriver");
        Map<String, String> form = order("fern");
        form.put("length1", "40");
        form.put("home1", "45");
        form.put("pull1", "2.5");

        assertThat(lead.post("/clinic/springs", form).body()).contains("The order is set.");
        assertThat(lead.get("/clinic/springs").body())
                .contains("value=\"fern\"")
                .contains("value=\"45\"")
                .contains("spring 1");
        assertThat(lead.get("/clinic/bands").body()).doesNotContain("fern");
        form.put("home1", "4");
        assertThat(lead.post("/clinic/springs", form).body())
                .contains("Found &#39;4&#39;, allowed: 5 to 500 cm, or nothing.");
    }

    @Test
    void onlyWhoKeepsTheEquipmentMaySetIt() {
        assertThat(Visitor.signedIn("therapist").get("/clinic/bands").status()).isEqualTo(403);
        assertThat(Visitor.signedIn("assistant")
                        .post("/clinic/bands", order("sand"))
                        .status())
                .isEqualTo(403);
        assertThat(Visitor.signedIn("admin").get("/clinic/bands").status()).isEqualTo(200);
    }
}
