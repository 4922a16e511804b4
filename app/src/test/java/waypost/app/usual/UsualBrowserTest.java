package waypost.app.usual;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import waypost.app.testing.Browser;

/** A referral's questions are asked for anew while somebody goes on filling the form. */
@Tag("browser")
class UsualBrowserTest {

    private static final By ROOT = By.cssSelector("[name='answer.tear'][value='root']");

    @Test
    void whatIsTickedWhileTheSurgeonsAnswersComeStays() {
        try (Browser browser = new Browser()) {
            browser.signIn("upriver").open("/courses/new");
            browser.choose("protocol", "knee.meniscus-repair");
            browser.waitFor(ROOT);
            browser.slow(Duration.ofSeconds(1));
            browser.type("surgeon", "Dr Unhurried" + Keys.TAB);
            browser.driver().executeScript("document.querySelector('fieldset.questions').dataset.old = 'yes'");
            browser.tick("answer.tear", "root");
            browser.until(driver -> driver.findElements(By.cssSelector("fieldset.questions[data-old]"))
                    .isEmpty());
            assertThat(browser.driver().findElement(ROOT).isSelected()).isTrue();
            assertThat(browser.value("surgeon")).isEqualTo("Dr Unhurried");
        }
    }
}
