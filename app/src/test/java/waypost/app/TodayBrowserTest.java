package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import waypost.app.testing.Browser;

/** Today's list, and the brief of who is selected. */
@Tag("browser")
class TodayBrowserTest {

    private static Browser browser;

    @BeforeAll
    static void signIn() {
        browser = new Browser().signIn("therapist");
    }

    @AfterAll
    static void close() {
        browser.close();
    }

    private static List<WebElement> rows() {
        return browser.driver().findElements(By.cssSelector(".today tbody tr"));
    }

    @Test
    void arrowsGoFromPatientToPatientAndTheBriefFollows() {
        browser.open("/today");
        WebElement first = browser.driver().findElement(By.cssSelector(".today tbody th a"));
        browser.driver().executeScript("arguments[0].focus()", first);
        first.sendKeys(Keys.ARROW_DOWN);
        String name = browser.driver().switchTo().activeElement().getText();

        browser.until(
                page -> page.findElement(By.cssSelector("#brief h2")).getText().equals(name));
        assertThat(browser.driver().findElements(By.cssSelector(".today tr[aria-current]")))
                .hasSize(1);
        browser.driver().switchTo().activeElement().sendKeys(Keys.ENTER);
        browser.until(page -> page.findElement(By.tagName("h1")).getText().equals(name));
        browser.waitFor(By.cssSelector(".map"));
    }

    @Test
    void aRedFlagAndAnOverdueDutyAreEquallyLoudAndCarryTheirAction() {
        browser.open("/today");
        String hold = colour(".mind-hold");
        assertThat(colour(".mind-overdue")).isEqualTo(hold);

        for (WebElement row : rows()) {
            if (row.getText().contains("Ambrose Vail")) {
                row.findElement(By.cssSelector(".gate")).click();
            }
        }
        browser.until(page -> page.findElement(By.id("brief")).getText().contains("Ambrose Vail"));
        assertThat(browser.driver().findElement(By.id("brief")).getText())
                .contains("On hold", "Look at the hold", "What blocks the gate");
    }

    private static String colour(String css) {
        return String.valueOf(browser.driver()
                .executeScript("return getComputedStyle(document.querySelector(arguments[0])).backgroundColor", css));
    }

    @Test
    void sixteenVisitsStandOnOneScreenAndThirtyInTheDenseMode() {
        browser.size(1280, 800).open("/today");
        assertThat(rows()).hasSizeGreaterThanOrEqualTo(16);
        assertThat(rows().get(15).getLocation().getY()
                        + rows().get(15).getSize().getHeight())
                .isLessThanOrEqualTo(800);

        browser.click(By.cssSelector(".chip:has(input[name=view])"));
        browser.waitFor(By.cssSelector(".today.dense"));
        WebElement head = browser.driver().findElement(By.cssSelector(".today thead"));
        int top = head.getLocation().getY() + head.getSize().getHeight();
        int tallest =
                rows().stream().mapToInt(row -> row.getSize().getHeight()).max().orElseThrow();
        assertThat(top + 30 * tallest).isLessThanOrEqualTo(800);
    }
}
