package waypost.app.battery;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import waypost.app.gait.GaitTest;
import waypost.app.testing.Browser;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** Tests of return as they are done. */
@Tag("served")
class ReturnTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    private static void keep(Working course, String measure, String side, String said) {
        THERAPIST.postPart(
                course.path() + "/sheet/" + measure,
                new HashMap<>(Map.of(
                        "entryId",
                        UUID.randomUUID().toString(),
                        "side",
                        side,
                        "mode",
                        "ACTIVE",
                        "said",
                        said,
                        "confirmed",
                        "true",
                        "seen",
                        "")));
    }

    @Test
    void timeTestsAndSurgeonStandBesideEachOther() {
        Working late = Working.on(THERAPIST, 290);
        assertThat(late.get("/return"))
                .contains("Return after a ligament reconstruction of the knee")
                .containsSubsequence("Time", "come", "Tests", "not passed", "0 of 10 passed", "Surgeon", "not cleared")
                .doesNotContain("times as often");
        assertThat(Working.on(THERAPIST, 185).get("/return"))
                .containsSubsequence("Time", "not yet")
                .contains(
                        "up to 3 months before month 9 was hurt again about 8 times as often",
                        "Grindem et al. 2016, from memory");
        assertThat(Working.on(THERAPIST, 20).get("/return")).doesNotContain("times as often");
    }

    @Test
    void aTestThatIsNotOpenSaysSinceWhenAndIsNotOffered() {
        assertThat(Working.on(THERAPIST, 60).get("/return?station=return-crossover"))
                .contains("not open", "Crossover hop of 90 %")
                .doesNotContain("/sheet/crossover-hop\" hx-post")
                .containsPattern("Not open|not safe|Not before|From ");
    }

    @Test
    void whatIsMeasuredIsMarked() {
        Working late = Working.on(THERAPIST, 290);
        keep(late, "ligament-readiness", "LEFT", "90");
        keep(late, "knee-effusion", "LEFT", "2+");
        assertThat(late.get("/return"))
                .containsSubsequence(
                        "Readiness score of 65", "90", "± 15", "passed", "Effusion at most trace", "failed");
    }

    @Test
    void whoDoesNotReturnToSportHasNone() {
        Visitor lead = Visitor.signedIn("upriver");
        assertThat(lead.get(GaitTest.hip(lead, "posterior") + "/return").body()).contains("has no tests of return");
    }

    @Test
    void anUnknownStationIsAsGoodAsNone() {
        assertThat(Working.on(THERAPIST, 290).get("/return?station=nothing")).contains("Readiness score of 65");
    }

    @Test
    @Tag("browser")
    void aStationIsDoneAndTheStandFollows() {
        Working late = Working.on(THERAPIST, 290);
        try (Browser browser = new Browser().size(1280, 800).signIn("therapist")) {
            browser.open(late.path() + "/return");
            browser.waitForText("Readiness score of 65");
            browser.waitFor(By.cssSelector(".return-at input[name=said]")).sendKeys("82" + Keys.ENTER);
            browser.waitForText("1 of 10 passed");
            browser.open(late.path() + "/return?station=quadriceps-90");
            browser.press("Rest 60 s");
            browser.waitForText("59 s left");
            assertThat(browser.complaints()).isEmpty();
        }
    }
}
