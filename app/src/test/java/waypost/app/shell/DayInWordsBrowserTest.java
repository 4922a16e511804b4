package waypost.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import waypost.app.testing.Browser;

/** A field for a date shows it in the browser's own order; beside it stands the day in words, which nobody takes for another. */
@Tag("browser")
class DayInWordsBrowserTest {

    private static final By WORDS = By.cssSelector("main [name=date] + .day-in-words");

    @Test
    void followsWhatIsEntered() {
        try (Browser browser = new Browser()) {
            browser.size(1280, 800).signIn("therapist").open("/today");
            assertThat(browser.waitFor(WORDS).getText()).isEqualTo("Thu 3 Apr 2031");

            enter(browser, "2031-09-05");
            assertThat(browser.waitFor(WORDS).getText()).isEqualTo("Fri 5 Sep 2031");
            enter(browser, "2032-02-29");
            assertThat(browser.waitFor(WORDS).getText()).isEqualTo("Sun 29 Feb 2032");
            enter(browser, "");
            assertThat(browser.driver().findElement(WORDS).getText()).isEmpty();
        }
    }

    private static void enter(Browser browser, String isoDate) {
        WebElement field = browser.waitFor(By.cssSelector("main [name=date]"));
        browser.driver()
                .executeScript(
                        "arguments[0].value = arguments[1]; arguments[0].dispatchEvent(new Event('input', { bubbles: true }))",
                        field,
                        isoDate);
    }
}
