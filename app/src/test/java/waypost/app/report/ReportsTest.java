package waypost.app.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import waypost.app.demo.DemoAccounts;
import waypost.app.testing.Browser;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** Progress reports from the draft to the surgeon's answer. */
@Tag("served")
class ReportsTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final Visitor SURGEON = Visitor.signedIn("surgeon");

    private static Map<String, String> form(String page, String asked) {
        Matcher shown =
                Pattern.compile("name=\"shown\" value=\"([0-9a-f]{64})\"").matcher(page);
        assertThat(shown.find()).isTrue();
        return new HashMap<>(Map.of(
                "reportId",
                UUID.randomUUID().toString(),
                "shown",
                shown.group(1),
                "asked",
                asked,
                "password",
                DemoAccounts.PASSWORD));
    }

    private static String reportId(String page) {
        Matcher id = Pattern.compile("/reports/([0-9a-f-]{36})\\.pdf").matcher(page);
        assertThat(id.find()).isTrue();
        return id.group(1);
    }

    @Test
    void isDraftedFromTheRecordSignedAndAnswered() {
        Working course = Working.on(THERAPIST, 50);
        course.measured("knee-flexion", "95");
        String draft = course.get("/reports");
        assertThat(draft)
                .containsSubsequence(
                        "Where on the way",
                        "knee ligament reconstruction",
                        "Range, strength",
                        "Knee flexion, active: 95°",
                        "Milestones of the next phase",
                        "Behind",
                        "None yet.");
        Map<String, String> form = form(draft, "May she ride a bicycle?");
        course.post("/reports", form);
        course.post("/reports", form);
        String kept = course.get("/reports");
        assertThat(kept).containsOnlyOnce("Not answered yet.").contains("May she ride a bicycle?");
        assertThat(SURGEON.get("/reports/waiting").body()).contains(course.path() + "/reports");
        String answer = course.path() + "/reports/" + reportId(kept) + "/answer";
        assertThat(THERAPIST.post(answer, Map.of("words", "yes")).status()).isEqualTo(403);
        SURGEON.post(answer, Map.of("words", "Yes, from Monday."));
        assertThat(course.get("/reports")).contains("Seen by Dr Halloway", "Yes, from Monday.");
        assertThat(SURGEON.get("/reports/waiting").body()).doesNotContain(course.path());
        assertThat(SURGEON.post(answer, Map.of("words", "No.")).body()).contains("was answered already");
    }

    /** What was logged after the page was shown is not signed unseen. */
    @Test
    void whatWasNotShownIsNotSigned() {
        Working course = Working.on(THERAPIST, 50);
        Map<String, String> form = form(course.get("/reports"), "");
        course.measured("knee-flexion", "100");
        assertThat(THERAPIST.post(course.path() + "/reports", form).body()).contains("Something was logged since");
        assertThat(course.get("/reports")).contains("None yet.");
    }

    @Test
    void anotherClinicAndAnotherCourseFindNothing() {
        Working course = Working.on(THERAPIST, 50);
        course.post("/reports", form(course.get("/reports"), ""));
        String report = "/reports/" + reportId(course.get("/reports"));
        assertThat(THERAPIST.get(course.path() + report + ".pdf").status()).isEqualTo(200);
        Visitor other = Visitor.signedIn("upriver");
        assertThat(other.get(course.path() + "/reports").status()).isEqualTo(404);
        assertThat(other.get(course.path() + report + ".pdf").status()).isEqualTo(404);
        assertThat(other.post(course.path() + report + "/answer", Map.of("words", ""))
                        .status())
                .isEqualTo(404);
        Working another = Working.on(THERAPIST, 50);
        assertThat(THERAPIST.get(another.path() + report + ".pdf").status()).isEqualTo(404);
    }

    @Test
    @Tag("browser")
    void isSignedInTheBrowser() {
        Working course = Working.on(THERAPIST, 50);
        course.measured("knee-flexion", "95");
        try (Browser browser = new Browser().size(1280, 800).signIn("therapist")) {
            browser.open(course.path() + "/reports");
            browser.type("asked", "May she ride a bicycle?");
            browser.press("Sign and send");
            browser.waitForText("Not answered yet.");
            assertThat(browser.driver().findElements(By.cssSelector(".report-kept")))
                    .hasSize(1);
            assertThat(browser.complaints()).isEmpty();
        }
    }
}
