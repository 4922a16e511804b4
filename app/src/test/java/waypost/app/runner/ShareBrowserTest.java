package waypost.app.runner;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.selenium.AxeBuilder;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import waypost.app.testing.Browser;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** The share of the weight on the operated left leg, repetition by repetition. */
@Tag("browser")
class ShareBrowserTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    /** Kilograms on the left and on the right; nothing while it is silent. */
    private static void hear(Browser browser, double left, double right) {
        String detail = left < 0 ? "{}" : "{left: " + left * 9.80665 + ", right: " + right * 9.80665 + "}";
        browser.driver()
                .executeScript("window.dispatchEvent(new CustomEvent('waypost-live', {detail: " + detail + "}))");
    }

    private static void isClean(Browser browser) {
        assertThat(new AxeBuilder().setLegacyMode().analyze(browser.driver()).getViolations())
                .isEmpty();
    }

    @Test
    void repetitionsAreToldReplayedAndKept() {
        Working visit = Working.beginner(THERAPIST, 10);
        visit.measured("body-mass", "80");
        try (Browser browser = new Browser().size(1280, 800).signIn("therapist")) {
            browser.open(visit.path() + "/share?role=wall-squat/both");
            isClean(browser);
            browser.press("A repetition begins");
            hear(browser, 30, 50);
            browser.waitForText("on the operated leg: more on it");
            hear(browser, 32, 48);
            hear(browser, 34, 46);
            browser.press("It is over");
            browser.waitForText("40 % on the operated leg: too little on it. Farthest from half: 38 %.");

            browser.press("A repetition begins");
            hear(browser, 40, 40);
            hear(browser, -1, -1);
            browser.waitForText("The plate fell silent: this repetition does not count.");
            browser.press("A repetition begins");
            for (int nth = 0; nth < 4; nth++) {
                hear(browser, 39, 41);
            }
            browser.press("It is over");
            browser.waitForText("49 % on the operated leg: even.");
            browser.press("The one before");
            browser.waitForText("Repetition 1 once more");
            browser.click(By.cssSelector("input[value='trunk leans away']"));
            isClean(browser);
            browser.press("Put it on record");
            browser.until(driver -> driver.getCurrentUrl().contains("/measures"));
            assertThat(visit.get("/measures/readings")).contains("Share of the weight on this leg", "44");
            assertThat(browser.complaints()).isEmpty();
        }
    }

    @Test
    void aLegThatMayNotCarryAllIsSentToTheScale() {
        Working root = WeightTest.root(THERAPIST, 3);
        root.measured("body-mass", "80");
        assertThat(root.get("/share")).contains("may not carry all of the weight today", "Steps on a scale");
    }
}
