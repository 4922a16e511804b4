package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import waypost.app.testing.Browser;
import waypost.app.testing.DemoCourses;

/** Reading, comparing and trying, as a browser drives them. */
@Tag("browser")
class ShelfBrowserTest {

    private static Browser browser;

    @BeforeAll
    static void signIn() {
        browser = new Browser().signIn("therapist");
    }

    @AfterAll
    static void close() {
        browser.close();
    }

    private static String address() {
        return String.valueOf(browser.driver().getCurrentUrl());
    }

    @Test
    void twoProtocolsAreComparedAndTheHandleMovesTheDay() {
        browser.open("/shelf");
        browser.choose("left", "shoulder.replacement-anatomic");
        browser.choose("right", "shoulder.replacement-reverse");
        browser.press("Compare");
        browser.waitForText("Over the whole course");
        assertThat(browser.driver().findElements(By.cssSelector(".lane-differs .mark")))
                .isNotEmpty();

        browser.waitFor(By.cssSelector(".handle")).sendKeys(Keys.PAGE_UP, Keys.PAGE_UP, Keys.PAGE_UP, Keys.ENTER);
        browser.waitForText("day 21: B beside A");
        browser.click(By.cssSelector("details:has(.otherwise) > summary"));
        assertThat(browser.waitFor(By.cssSelector(".otherwise .turn .sign")).isDisplayed())
                .isTrue();
        assertThat(address()).contains("left=shoulder.replacement-anatomic", "on=");
    }

    @Test
    void anAnswerChosenOnTheShelfRedrawsTheProtocol() {
        browser.open("/shelf/knee.ligament-reconstruction");
        assertThat(browser.text()).contains("Brace after meniscus");
        browser.choose("answer.meniscus-repair", "none");
        browser.until(page -> address().contains("answer.meniscus-repair=none"));

        browser.click(By.cssSelector("a.sign[data-role='quad-set/operated']"));
        browser.waitFor(By.cssSelector("#rung .verdict"));
        assertThat(browser.driver().findElement(By.id("rung")).getText()).contains("Quad set");
    }

    @Test
    void anAnswerIsTriedAndThrownAway() {
        browser.open("/courses/" + DemoCourses.of("Teodor"));
        browser.press("What if");
        browser.waitFor(By.id("trial"));
        browser.choose("answer.meniscus-repair", "none");
        browser.click(By.cssSelector("#trial .primary"));
        browser.waitForText("What would be otherwise");
        WebElement outcome = browser.waitFor(By.cssSelector(".would"));

        assertThat(outcome.getText())
                .contains("Opens · 12", "Wall squat", "was barred", "→ no limit", "Change the referral");
        assertThat(address()).doesNotContain("meniscus");
        browser.click(By.linkText("Throw it away"));
        browser.until(page -> page.findElements(By.cssSelector(".would")).isEmpty());
        browser.open("/courses/" + DemoCourses.of("Teodor"));
        browser.waitForText("Meniscus repair? not stated");
    }

    @Test
    void anOrderIsTriedAndSaysWhatStaysClosed() {
        browser.open("/courses/" + DemoCourses.of("Teodor") + "/what-if");
        browser.click(By.cssSelector("select[name=what] option[value='OPENS:front-squat/both']"));
        browser.click(By.cssSelector("#trial .primary"));
        browser.waitForText("stays closed:");
        assertThat(browser.waitFor(By.cssSelector(".would")).getText()).contains("Put the order on record");
    }
}
