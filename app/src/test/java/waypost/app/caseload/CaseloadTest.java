package waypost.app.caseload;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import waypost.app.testing.Browser;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** All running courses, exceptions first. */
@Tag("served")
class CaseloadTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    private static String row(String page, Working course) {
        int at = page.indexOf(course.path() + "\"");
        assertThat(at).as("the course is listed").isPositive();
        return page.substring(at, page.indexOf("</tr>", at));
    }

    @Test
    void aCourseSaysWhatIsToBeLookedAt() {
        Working early = Working.on(THERAPIST, 25);
        early.post(
                "/holds",
                Map.of(
                        "holdId",
                        UUID.randomUUID().toString(),
                        "why",
                        "wound draining",
                        "reviewOn",
                        RunningWaypost.TODAY.plusDays(3).toString()));
        String page = THERAPIST.get("/caseload").body();
        assertThat(row(page, early)).containsSubsequence("On hold", "wound draining");
        assertThat(row(page, early)).doesNotContain("Too seldom seen");
        Working seldom = Working.on(THERAPIST, 25);
        assertThat(row(THERAPIST.get("/caseload?of=TOO_SELDOM").body(), seldom))
                .contains("Not seen for 25 days", "nothing is booked");
    }

    @Test
    void countsOpenTheListAndTheFileHoldsTheSame() {
        Working seldom = Working.on(THERAPIST, 30);
        String page = THERAPIST.get("/caseload?of=too_seldom").body();
        long rows = page.split("<th scope=\"row\">", -1).length - 1L;
        assertThat(page).containsPattern("aria-current=\"page\"[^>]*><strong>" + rows + "</strong>");
        String file = THERAPIST.get("/caseload.csv?of=TOO_SELDOM").body();
        assertThat(file.lines().count()).isEqualTo(rows + 1);
        assertThat(file).contains("Too seldom seen: Not seen for 30 days").doesNotContain(seldom.path());
        assertThat(THERAPIST.get("/caseload?of=nonsense").status()).isEqualTo(200);
    }

    @Test
    void aSurgeonSeesTheirOwnAndMaySeeAll() {
        Visitor surgeon = Visitor.signedIn("surgeon");
        assertThat(surgeon.get("/caseload").body()).contains("referred by Dr Halloway");
        assertThat(surgeon.get("/caseload?surgeon=everybody").body()).doesNotContain(", referred by");
        assertThat(surgeon.get("/caseload?surgeon=Nobody+At+All").body()).contains("No course here.");
    }

    @Test
    void anotherClinicSeesNothingOfIt() {
        Working here = Working.on(THERAPIST, 25);
        assertThat(Visitor.signedIn("upriver").get("/caseload").body()).doesNotContain(here.path());
    }

    @Test
    @Tag("browser")
    void isLookedThroughInTheBrowser() {
        try (Browser browser = new Browser().size(1280, 800).signIn("therapist")) {
            browser.open("/caseload");
            browser.click(By.cssSelector(".caseload-filters .is-overdue"));
            browser.waitFor(By.cssSelector(".caseload-filters .is-overdue[aria-current]"));
            browser.click(By.cssSelector(".caseload-lines .is-overdue a"));
            browser.waitForText("Milestones");
            assertThat(browser.complaints()).isEmpty();
        }
    }
}
