package waypost.app.checkin;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.app.testing.Referring;
import waypost.app.testing.Visitor;

/** Checking in: what is asked, what stops treatment, and what is kept. */
@Tag("served")
class CheckInPageTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final Visitor ASSISTANT = Visitor.signedIn("assistant");
    private static int numbers;

    private final String course = newCourse();

    private static String newCourse() {
        Map<String, String> form = Referring.form("Checked Person", "CI-" + ++numbers, 30);
        THERAPIST.post("/courses", form);
        return "/courses/" + form.get("courseId");
    }

    private static Map<String, String> form() {
        return new HashMap<>(Map.of(
                "checkInId", UUID.randomUUID().toString(),
                "painNow", "3",
                "painMorning", "4",
                "swelling", "AS_BEFORE",
                "homeSessions", "12",
                "words", "slept well",
                "asked", "true"));
    }

    @Test
    void whatIsSaidIsKeptOnceAndCountsAsReadings() {
        Map<String, String> form = form();

        assertThat(THERAPIST.post(course + "/check-in", form).status()).isEqualTo(302);
        THERAPIST.post(course + "/check-in", form);

        assertThat(THERAPIST.get(course + "/check-in").body())
                .containsOnlyOnce("the baseline of the day. <span")
                .contains("Checked in.", "Go on and measure, range first");
        assertThat(THERAPIST.get(course + "/record").body())
                .contains("Pain now 3, next morning 4; swelling as before; home sessions 12", "Said: slept well");
        assertThat(THERAPIST.get(course + "/measures/readings").body())
                .contains("Pain next morning", "Home sessions done in the last seven days", "said at check-in");
    }

    @ParameterizedTest
    @CsvSource({"breathless,emergency", "calf,same day"})
    void aGraveFlagStopsTreatmentWhoeverTicksIt(String flag, String tier) {
        Map<String, String> form = form();
        form.put("flag", flag);

        ASSISTANT.post(course + "/check-in", form);

        assertThat(ASSISTANT.get(course + "/check-in").body())
                .contains("Stopped. No treatment today.", "Think of a clot", "Dr Halloway");
        assertThat(THERAPIST.get(course).body()).contains("On hold: red flag: ");
        assertThat(THERAPIST.get(course + "/milestones").body())
                .contains("On hold since Thu 3 Apr 2031: red flag: ", "Sign the end of the hold");
        assertThat(ASSISTANT.get(course + "/milestones").body()).doesNotContain("Sign the end of the hold");
        assertThat(THERAPIST.get(course + "/record").body()).contains("Checked in: " + tier, "slept well");
    }

    @ParameterizedTest
    @CsvSource({"sharp,go back a level", "night-pain,No progress"})
    void aMilderFlagIsToldAndStopsNothing(String flag, String says) {
        Map<String, String> form = form();
        form.put("flag", flag);

        THERAPIST.post(course + "/check-in", form);

        assertThat(THERAPIST.get(course + "/check-in").body())
                .contains("Checked in, with care.", says)
                .doesNotContain("Stopped.");
        assertThat(THERAPIST.get(course).body()).doesNotContain("On hold: red flag");
    }

    @Test
    void moreSwellingHoldsProgress() {
        Map<String, String> form = form();
        form.put("swelling", "MORE");

        THERAPIST.post(course + "/check-in", form);

        assertThat(THERAPIST.get(course + "/check-in").body()).contains("no progress in load");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "asked||Ask every question, then tap that none was left out",
                "asked|none|Found 1 ticked though none applies",
                "painNow||Ask for the pain now",
                "painNow|11|allowed: a whole number from 0 to 10",
                "swelling||allowed: one of the choices shown",
                "homeSessions|many|allowed: a whole number from 0 to 170",
                "flag|wings|not among those shown"
            })
    void whatIsMissingOrWrongIsRefusedAndNothingIsLost(String field, String value, String message) {
        Map<String, String> form = form();
        form.put("flag", "calf");
        if (value == null) {
            form.remove(field);
        } else {
            form.put(field, value);
        }

        Visitor.Answer answer = THERAPIST.post(course + "/check-in", form);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(message, "slept well");
        assertThat(THERAPIST.get(course).body()).doesNotContain("On hold");
    }

    @Test
    void onlyFlagsOfTheOperatedRegionAreAsked() {
        assertThat(THERAPIST.get(course + "/check-in").body())
                .contains("A knee that is locked?", "Emergency now")
                .doesNotContain("A finger that suddenly no longer bends?");
    }
}
