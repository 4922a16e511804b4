package waypost.app.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import waypost.app.testing.Browser;

/** A protocol is changed on the map: dragged, stepped, typed, undone; its text says the same. */
@Tag("browser")
class DeskBrowserTest {

    private static final String WALK = "phases/walk/earliest";

    private static Browser atTheDesk() {
        Browser browser = new Browser().size(1280, 800).signIn("upriver");
        browser.open("/papers");
        browser.type("title", "Drawn " + UUID.randomUUID().toString().substring(0, 6));
        browser.choose("base", "knee.meniscus-repair");
        browser.choose("joint", "KNEE");
        browser.press("Begin");
        browser.waitForText("No line yet.");
        browser.click(By.linkText("On the map"));
        browser.waitFor(By.cssSelector(".desk-post"));
        return browser;
    }

    private static WebElement post(Browser browser, String key) {
        return browser.driver().findElement(By.cssSelector(".desk-post[data-key='" + key + "']"));
    }

    private static void isOn(Browser browser, String key, int day) {
        browser.waitFor(By.cssSelector(".desk-post[data-key='" + key + "'][data-day='" + day + "']"));
    }

    @Test
    void aPostIsDraggedSteppedTypedAndUndone() {
        try (Browser browser = atTheDesk()) {
            double week = Double.parseDouble(
                            post(browser, WALK).findElement(By.xpath("..")).getRect().width + "")
                    * 7
                    / Double.parseDouble(
                            browser.driver().findElement(By.id("desk")).getDomAttribute("data-span"));
            new Actions(browser.driver())
                    .clickAndHold(post(browser, WALK).findElement(By.cssSelector(".hit")))
                    .moveByOffset((int) Math.round(2 * week), 0)
                    .release()
                    .perform();
            isOn(browser, WALK, 56);
            browser.waitForText("posts otherwise than below");
            post(browser, WALK).sendKeys(Keys.ARROW_LEFT, Keys.ARROW_LEFT, Keys.ENTER);
            isOn(browser, WALK, 54);
            browser.press("Undo");
            isOn(browser, WALK, 56);
            browser.press("Do again");
            isOn(browser, WALK, 54);
            new Actions(browser.driver())
                    .click(post(browser, WALK).findElement(By.cssSelector(".hit")))
                    .perform();
            browser.waitForText("a week later");
            WebElement moment = browser.driver().findElement(By.cssSelector(".desk-fields input[list=moments]"));
            moment.clear();
            moment.sendKeys("completed week 8");
            browser.press("Write it so");
            isOn(browser, WALK, 56);
            browser.click(By.linkText("Show the text beside it"));
            browser.waitFor(By.cssSelector(".desk-text textarea"));
            browser.waitForText("Open below, not here");
            assertThat(browser.driver()
                            .findElement(By.cssSelector(".desk-text textarea"))
                            .getDomProperty("value"))
                    .contains("earliest: completed week 8\n")
                    .contains("# straightening");
            assertThat(browser.complaints()).isEmpty();
        }
    }

    @Test
    void withoutAConnectionNothingIsKeptAndNothingIsLost() {
        try (Browser browser = atTheDesk()) {
            browser.click(By.linkText("Show the text beside it"));
            WebElement text = browser.waitFor(By.cssSelector(".desk-text textarea"));
            text.sendKeys(Keys.chord(Keys.CONTROL, Keys.HOME), "# mine\n");
            browser.connected(false);
            browser.press("Keep the text");
            browser.waitForText("nothing was kept yet");
            assertThat(text.getDomProperty("value")).startsWith("# mine\n");
            browser.connected(true);
            browser.press("Keep the text");
            browser.waitForText("Revision 2");
            assertThat(browser.driver()
                            .findElement(By.cssSelector(".desk-text textarea"))
                            .getDomProperty("value"))
                    .startsWith("# mine\n");
        }
    }
}
