package waypost.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import waypost.app.testing.Browser;
import waypost.app.testing.Visitor;

/** Planning by keys alone: a block is written, a dose is changed, an exercise is swapped. */
@Tag("browser")
class BlockBrowserTest {

    private static final int MOST_TABS = 120;
    private static final Browser BROWSER = new Browser().signIn("therapist");

    private final Working visit = Working.on(Visitor.signedIn("therapist"), 52).checkedIn();

    @AfterAll
    static void close() {
        BROWSER.close();
    }

    private static WebElement focused() {
        return BROWSER.driver().switchTo().activeElement();
    }

    private static WebElement tabTo(String css) {
        WebElement wanted = BROWSER.waitFor(By.cssSelector(css));
        for (int tab = 0; tab < MOST_TABS && !focused().equals(wanted); tab++) {
            focused().sendKeys(Keys.TAB);
        }
        assertThat(focused()).as(css).isEqualTo(wanted);
        return wanted;
    }

    @Test
    void aBlockIsWritten() {
        BROWSER.open(visit.path() + "/plan");
        String before = tabTo(".block-table select[name=role]").getAttribute("value");
        focused().sendKeys(Keys.HOME);
        assertThat(focused().getAttribute("value")).isNotEqualTo(before);
        tabTo("select[name=weeks]").sendKeys("3");
        tabTo("form button.primary").sendKeys(Keys.ENTER);

        BROWSER.waitForText("Block of 3 weeks since");
        assertThat(visit.page()).doesNotContain("work?role=" + before);
    }

    @Test
    void aDoseIsChanged() {
        BROWSER.open(visit.path() + "/work");
        tabTo(".change-dose").sendKeys(Keys.ENTER);
        WebElement sets = tabTo("input[name=sets]");
        sets.sendKeys(Keys.chord(Keys.CONTROL, "a"), "2");
        tabTo("form.prescribe-form button.primary").sendKeys(Keys.ENTER);

        BROWSER.waitForText("as prescribed");
        assertThat(visit.page()).contains("2 ×");
    }

    @Test
    void anExerciseIsSwapped() {
        BROWSER.open(visit.path() + "/work?role=heel-slide/operated");
        WebElement others = tabTo("#card form.row-of select[name=role]");
        others.sendKeys(Keys.HOME);
        String role = others.getAttribute("value");
        tabTo("#card form.row-of button").sendKeys(Keys.ENTER);

        BROWSER.until(page -> String.valueOf(page.getCurrentUrl()).contains(role.split("/")[0]));
        assertThat(visit.page()).contains("work?role=" + role).doesNotContain("work?role=heel-slide/operated");
    }
}
