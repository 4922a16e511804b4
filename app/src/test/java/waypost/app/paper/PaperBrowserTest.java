package waypost.app.paper;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.selenium.AxeBuilder;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import waypost.app.testing.Browser;

/** A paper is typed in, asked about, looked through, signed and offered, in the browser. */
@Tag("browser")
class PaperBrowserTest {

    private static void isClean(Browser browser) {
        assertThat(new AxeBuilder().setLegacyMode().analyze(browser.driver()).getViolations())
                .isEmpty();
    }

    @Test
    void fromTheFirstLineToTheReferral() {
        String name = "Meniscus, Dr Nobody " + UUID.randomUUID().toString().substring(0, 4);
        try (Browser browser = new Browser().size(1280, 800).signIn("upriver")) {
            browser.open("/papers");
            isClean(browser);
            browser.type("title", name);
            browser.choose("base", "knee.meniscus-repair");
            browser.choose("joint", "KNEE");
            browser.press("Begin");
            browser.waitForText("No line yet.");
            browser.type(
                    "lines",
                    "NWB 4 wks then 50% WB until 8 wks, then FWB\nbrace locked in ext. 2 wks, out for hygiene\nPROM 0-90 x 4-6 wks\n"
                            + "bike wk 8\nno flexoin > 90 for 8 weeks\nprotect the repair");
            browser.press("Keep and read");
            browser.waitForText("Not understood.");
            browser.waitForText("Read flexoin as flexion.");
            isClean(browser);
            browser.press("At 6 weeks");
            browser.waitForText("Knee, passive: from neutral to 90° of flexion until day 42 (6 weeks over).");
            browser.press("When 8 weeks are over: day 56");
            browser.waitForText("No stationary bike until day 56 (8 weeks over).");
            browser.type(
                    "lines",
                    "NWB 4 wks then 50% WB until 8 wks, then FWB\nbrace locked in ext. 2 wks, out for hygiene\nPROM 0-90 x 4-6 wks\n"
                            + "bike wk 8\nno flexoin > 90 for 8 weeks");
            browser.press("Keep and read");
            browser.waitForText("Look through what it changes");
            browser.press("Hand it in to be signed");
            browser.waitForText("in review");
            browser.click(By.linkText("Look through what it changes"));
            browser.waitForText("Later than in the protocol");
            isClean(browser);
            browser.press("Sign and publish");
            browser.waitForText("signed and published");
            browser.open("/courses/new");
            browser.waitForText(name);
            assertThat(browser.complaints()).isEmpty();
        }
    }
}
