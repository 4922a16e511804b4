package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import waypost.app.demo.DemoAccounts;
import waypost.app.testing.Browser;
import waypost.app.testing.DemoCourses;

/** A session that ends in the middle of work: sign in over the page, and what was entered is sent again, once. */
@Tag("browser")
class SignedOutTest {

    @Test
    void whatWasEnteredIsSentAgainAfterSigningInOverThePage() {
        UUID course = DemoCourses.of("Priyanka Fell");
        try (Browser browser = new Browser()) {
            browser.signIn("therapist").open("/courses/" + course + "/measures/readings");
            browser.type("said", "4-0-133");
            browser.driver().manage().deleteAllCookies();
            browser.press("Put on record");
            WebElement dialog = browser.waitFor(By.id("over-page"));
            assertThat(dialog.getText()).contains("You were signed out", "nothing is lost");

            dialog.findElement(By.name("name")).sendKeys("therapist");
            dialog.findElement(By.name("password")).sendKeys(DemoAccounts.PASSWORD);
            dialog.findElement(By.tagName("button")).click();

            browser.waitForText("133°");
            assertThat(browser.text().split("133°")).hasSize(2);
        }
    }

    @Test
    void anotherAccountDoesNotSendWhatIsOnThePage() {
        UUID course = DemoCourses.of("Priyanka Fell");
        try (Browser browser = new Browser()) {
            browser.signIn("therapist").open("/courses/" + course + "/measures/readings");
            browser.type("said", "4-0-127");
            browser.driver().manage().deleteAllCookies();
            browser.press("Put on record");
            WebElement dialog = browser.waitFor(By.id("over-page"));
            dialog.findElement(By.name("name")).sendKeys("lead");
            dialog.findElement(By.name("password")).sendKeys(DemoAccounts.PASSWORD);
            dialog.findElement(By.tagName("button")).click();

            browser.waitForText("This page belongs to another account");
            browser.open("/courses/" + course + "/measures/readings");
            assertThat(browser.text()).doesNotContain("127°");
        }
    }
}
