package waypost.app.runner;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.selenium.AxeBuilder;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import waypost.app.testing.Browser;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** Ten steps on a scale that falls silent and comes back. */
@Tag("browser")
class WeightBrowserTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    /** As the page hears an instrument; nothing while it is silent. */
    private static void hear(Browser browser, double... kilograms) {
        for (double each : kilograms) {
            String detail = each < 0 ? "{}" : "{mass: " + each + "}";
            browser.driver()
                    .executeScript("window.dispatchEvent(new CustomEvent('waypost-live', {detail: " + detail + "}))");
        }
    }

    private static String shown(Browser browser, String what) {
        return browser.waitFor(By.cssSelector(what)).getText();
    }

    /** 80 kg of which a fifth is allowed: 12.8 to 16 kg. */
    @Test
    void tenStepsAreCountedAndKept() {
        Working visit = WeightTest.root(THERAPIST, 3);
        visit.measured("body-mass", "80");
        try (Browser browser = new Browser()) {
            browser.size(1280, 800).signIn("therapist").open("/courses/" + visit.id() + "/weight");
            assertThat(new AxeBuilder()
                            .setLegacyMode()
                            .analyze(browser.driver())
                            .getViolations())
                    .isEmpty();

            hear(browser, 0, 6, 14);
            browser.waitForText("Good: that much.");
            hear(browser, 15.5, 9, 1);
            browser.waitForText("15.5 kg: good.");
            hear(browser, 0, 10, 17.2);
            browser.waitForText("Too much: take weight off.");
            hear(browser, 8, 0);
            browser.waitForText("17.2 kg: too much.");

            hear(browser, 0, 14, -1);
            browser.waitForText("The scale fell silent in this step: it does not count.");
            assertThat(shown(browser, ".weight-share")).isEqualTo("2 of 10 steps");
            hear(browser, 0, 14.5, 0);
            browser.waitForText("14.5 kg: good.");

            hear(browser, 14);
            assertThat(browser.driver()
                            .findElement(By.cssSelector(".weight-pointer"))
                            .getAttribute("d"))
                    .as("from the fourth step on nothing is told while stepping")
                    .isEmpty();
            hear(browser, 0);
            browser.waitForText("14.0 kg: good.");
            for (String typed : new String[] {"11", "13", "12,9"}) {
                browser.type("kg", typed);
                browser.press("Count this step");
            }
            hear(browser, 0, 20, 0);
            browser.waitForText("Told at the end.");
            hear(browser, 0, 15, 0, 15, 0);
            browser.waitForText("7 of 10 within. Too much: 2. Too little: 1.");
            assertThat(new AxeBuilder()
                            .setLegacyMode()
                            .analyze(browser.driver())
                            .getViolations())
                    .isEmpty();
            browser.press("Put it on record");
            browser.waitForText("Steps within the allowed weight, of ten");
        }
    }
}
