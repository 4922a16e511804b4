package waypost.app.checkin;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import waypost.app.testing.Browser;
import waypost.app.testing.Referring;
import waypost.app.testing.Visitor;

/** Checking in by hand: few taps, on one screen, by keys alone. */
@Tag("browser")
class CheckInBrowserTest {

    private static final double SECONDS = 15;

    /**
     * Making up one's mind 1.35 s, pointing 1.1 s, pressing 0.2 s: the keystroke-level model (Card, Moran and Newell 1980,
     * figures from memory). The talk with the patient is not in it.
     */
    private static final double SECONDS_A_TAP = 1.35 + 1.1 + 0.2;

    private static final int MOST_TAPS = 6;
    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final Browser BROWSER = new Browser().signIn("therapist");
    private static int numbers;

    @AfterAll
    static void close() {
        BROWSER.close();
    }

    private static String course() {
        var form = Referring.form("Tapped Person", "KD-" + ++numbers, 30);
        THERAPIST.post("/courses", form);
        return "/courses/" + form.get("courseId");
    }

    private static int bottomOf(By what) {
        WebElement element = BROWSER.waitFor(what);
        return element.getLocation().getY() + element.getSize().getHeight();
    }

    /** Pain three times, swelling, and that all was asked. */
    @Test
    void anUneventfulPatientTakesAtMostSixTaps() {
        BROWSER.open(course() + "/check-in");
        List<String> taps = List.of(
                "input[name=painNow][value='2']",
                "input[name=painAfter][value='3']",
                "input[name=painMorning][value='2']",
                "input[name=swelling][value=NONE]",
                "button[name=asked][value=none]");
        taps.forEach(tap -> BROWSER.click(By.cssSelector(tap)));
        BROWSER.waitForText("Checked in.");

        assertThat(taps).hasSizeLessThanOrEqualTo(MOST_TAPS);
        assertThat(taps.size() * SECONDS_A_TAP).isLessThan(SECONDS);
    }

    @Test
    void everythingStandsOnOneScreen() {
        BROWSER.size(1280, 680).open(course() + "/check-in");

        assertThat(bottomOf(By.cssSelector("button[name=asked][value=none]"))).isLessThanOrEqualTo(680);
        assertThat(bottomOf(By.cssSelector(".check-in-flags"))).isLessThanOrEqualTo(680);
        BROWSER.size(1280, 900);
    }

    /** A digit rates in the row that has the focus; 1 and 0 make 10. The browser complains of nothing. */
    @Test
    void byKeysAlone() {
        BROWSER.open(course() + "/check-in");
        BROWSER.waitFor(By.cssSelector("input[name=painNow]")).sendKeys("1", "0");
        assertThat(BROWSER.waitFor(By.cssSelector("input[name=painNow]:checked"))
                        .getDomProperty("value"))
                .isEqualTo("10");

        BROWSER.driver().switchTo().activeElement().sendKeys("7", Keys.TAB);
        BROWSER.driver().switchTo().activeElement().sendKeys("3", Keys.TAB);
        BROWSER.driver().switchTo().activeElement().sendKeys("0", Keys.ENTER);

        BROWSER.waitForText("allowed: one of the choices shown");
        assertThat(BROWSER.driver().findElements(By.cssSelector("input[type=radio]:checked")))
                .extracting(input -> input.getDomProperty("value"))
                .containsExactly("7", "3", "0");
    }

    /** What is ticked can't be passed over by the tap for none. */
    @Test
    void theTapForNoneGoesWhenSomethingIsTicked() {
        BROWSER.open(course() + "/check-in");
        BROWSER.click(By.cssSelector("input[name=flag][value=calf]"));

        BROWSER.until(driver -> !driver.findElement(By.cssSelector("button[name=asked][value=none]"))
                .isDisplayed());
    }
}
