package waypost.app.whatif;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import waypost.app.gait.GaitTest;
import waypost.app.testing.Browser;
import waypost.app.testing.Visitor;

/** What a surgeon said, from the words to the order on record. */
@Tag("served")
class SaidOrderTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");

    @Test
    void whatIsNotUnderstoodIsSaidAndNothingIsWritten() {
        String course = GaitTest.hip(LEAD, "posterior");
        String read = LEAD.post(
                        course + "/what-if/said", Map.of("words", "let her swim, full weight from Monday, pillow off"))
                .body();
        assertThat(read).contains("Not understood", "no such rule", "From when?");
        assertThat(LEAD.get(course + "/record").body()).doesNotContain("full weight from Monday");
        assertThat(LEAD.post(course + "/what-if/said", Map.of("words", "")).body())
                .contains("Nothing was said.");
        assertThat(Visitor.signedIn("therapist")
                        .post(course + "/what-if/said", Map.of("words", "full weight"))
                        .status())
                .isEqualTo(404);
    }

    @Test
    @Tag("browser")
    void isReadTriedAndPutOnRecord() {
        String course = GaitTest.hip(LEAD, "posterior");
        try (Browser browser = new Browser().size(1280, 800).signIn("upriver")) {
            browser.open(course + "/what-if");
            browser.type("words", "hip flexion 0-80 today");
            browser.press("Read it");
            browser.waitFor(By.cssSelector(".said-lines"));
            browser.press("By whomever, as far as this");
            browser.waitForText("0 to 80, from Thu 3 Apr 2031 on.");
            browser.press("Try it");
            browser.waitForText("What would be otherwise");
            browser.press("Put the order on record");
            browser.waitForText("How to read a future date");
            assertThat(LEAD.get(course + "/record").body()).contains("hip flexion 0-80 today");
            assertThat(browser.complaints()).isEmpty();
        }
    }
}
