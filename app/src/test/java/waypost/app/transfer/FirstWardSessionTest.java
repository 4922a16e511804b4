package waypost.app.transfer;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import waypost.app.gait.GaitTest;
import waypost.app.testing.Browser;
import waypost.app.testing.Visitor;

/** The first session after a replaced left hip, from the bed's edge to the chair, as its approach has it. */
@Tag("browser")
class FirstWardSessionTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");

    private final Browser browser = new Browser();

    /** Checked in, out of bed, up, walked, turned and sat down, each kept; the turn is the approach's own. */
    @ParameterizedTest
    @CsvSource({
        "posterior,'Lean back a little and push straight up','Turn to the right, away from the operated side, in small steps'",
        "anterior,'Nose over toes and push up','Turn to the left, the operated foot first, in small steps'",
        "'','Lean back a little and push straight up','Turn to the right, away from the operated side, in very small steps'"
    })
    void aWholeSession(String approach, String rising, String turning) {
        String course = GaitTest.hip(LEAD, approach);
        try (browser) {
            browser.size(1280, 800).signIn("upriver").open(course + "/check-in");
            checkIn();
            led(course, "bed-edge", 1);
            browser.open(course + "/transfer?what=stand-up");
            browser.waitForText(rising);
            browser.open(course + "/walk");
            browser.waitForText("Both crutches forward");
            browser.open(course + "/walk?way=TURN");
            browser.waitForText(turning);
            led(course, "sit-down", 2);
            browser.open(course + "/visit");
            assertThat(LEAD.get(course + "/record").body())
                    .contains("bed-out/operated: 1, pain 1", "chair-rise/both: 1, pain 2");
            assertThat(LEAD.get(course + "/wrap-up").status()).isEqualTo(200);
            assertThat(browser.complaints()).isEmpty();
        }
    }

    private void checkIn() {
        browser.click(By.cssSelector("input[name=painNow][value='2']"));
        browser.click(By.cssSelector("input[name=swelling][value=NONE]"));
        browser.click(By.cssSelector("button[name=asked][value=none]"));
        browser.waitForText("Checked in.");
    }

    private void led(String course, String what, int pain) {
        browser.open(course + "/transfer?what=" + what);
        int steps = browser.driver()
                .findElements(By.cssSelector(".transfer-steps li"))
                .size();
        for (int nth = 1; nth <= steps; nth++) {
            browser.waitForText("Step " + nth + " of " + steps);
            browser.click(By.cssSelector("[data-pain='" + pain + "']"));
        }
        browser.waitForText("All steps done, pain at most " + pain + ".");
        browser.click(By.cssSelector("input[name=fault][value='alone, shown back without a word']"));
        browser.press("Keep it");
        browser.waitForText("Today's plan");
    }
}
