package waypost.app.transfer;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.selenium.AxeBuilder;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import waypost.app.gait.GaitTest;
import waypost.app.testing.Browser;
import waypost.app.testing.Visitor;

/** The scripts of the first days of a hip. */
@Tag("served")
class TransferTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");

    private static String checkedIn(Visitor therapist, String approach) {
        String course = GaitTest.hip(therapist, approach);
        therapist.post(
                course + "/check-in",
                Map.of("checkInId", UUID.randomUUID().toString(), "painNow", "2", "swelling", "NONE", "asked", "true"));
        return course;
    }

    @ParameterizedTest
    @CsvSource({
        "posterior,Lean back a little and push straight up,The hip bends to 90° at most.",
        "anterior,Nose over toes and push up,",
        "'',Lean back a little and push straight up,The hip bends to 90° at most."
    })
    void theScriptFollowsTheApproach(String approach, String say, String ceiling) {
        String page =
                LEAD.get(checkedIn(LEAD, approach) + "/transfer?what=stand-up").body();
        assertThat(page).contains(say, "Pain on coming in: 2.", "From the side: " + say, "body-operated");
        if (ceiling == null) {
            assertThat(page).doesNotContain("The hip bends to");
        } else {
            assertThat(page).contains(ceiling);
        }
    }

    /** Knee 46, thigh 44, seat 40: about 98°; a hip that bends to 90 needs a seat no lower than the knee, and five more are advised. */
    @Test
    void theSeatIsWorkedOut() {
        String course = checkedIn(LEAD, "posterior");
        assertThat(LEAD.get(course + "/transfer?what=toilet&knee=46&thigh=44&height=40")
                        .body())
                .contains("about 98°", "over the ceiling", "At least 51 cm high");
        assertThat(LEAD.get(course + "/transfer?what=toilet&knee=x&thigh=44&height=40")
                        .body())
                .contains("Found lengths that can&#39;t be a person&#39;s");
        assertThat(LEAD.get(course + "/transfer?what=no-such").body()).contains("To the edge of the bed");
    }

    @Test
    @Tag("browser")
    void painIsAskedAfterEachStepAndWhatWasDoneIsKept() {
        Visitor therapist = Visitor.signedIn("therapist");
        String course = checkedIn(therapist, "posterior");
        try (Browser browser = new Browser()) {
            browser.size(1280, 800).signIn("therapist").open(course + "/transfer?what=bed-edge");
            assertThat(new AxeBuilder()
                            .setLegacyMode()
                            .analyze(browser.driver())
                            .getViolations())
                    .isEmpty();
            int steps = browser.driver()
                    .findElements(By.cssSelector(".transfer-steps li"))
                    .size();
            for (int nth = 1; nth <= steps; nth++) {
                browser.waitForText("Step " + nth + " of " + steps);
                browser.click(By.cssSelector("[data-pain='" + (nth == 2 ? 3 : 1) + "']"));
            }
            browser.waitForText("All steps done, pain at most 3.");
            browser.click(By.cssSelector("input[name=fault][value='with words']"));
            browser.press("Keep it");
            browser.waitForText("Today's plan");
            assertThat(therapist.get(course + "/record").body()).contains("bed-out/operated: 1, pain 3");

            browser.open(course + "/transfer?what=stand-up");
            browser.click(By.cssSelector("[data-pain='9']"));
            browser.waitForText("Pain 9: over the rule.");
        }
    }
}
