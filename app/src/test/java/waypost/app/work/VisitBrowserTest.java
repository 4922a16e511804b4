package waypost.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import waypost.app.testing.Browser;
import waypost.app.testing.Referring;
import waypost.app.testing.Visitor;

/** Whole visits by hand: check in, measure, work, wrap up. */
@Tag("browser")
class VisitBrowserTest {

    private static final Browser BROWSER = new Browser().signIn("therapist");
    private static int numbers;

    @AfterAll
    static void close() {
        BROWSER.close();
    }

    private static String course(String protocol, int day) {
        Map<String, String> form = Referring.form("Visit By Hand", "VB-" + ++numbers, day);
        form.keySet().removeIf(key -> key.startsWith("answer."));
        form.put("protocol", protocol);
        if (protocol.startsWith("hand.")) {
            form.put("answer.digit", "finger");
        }
        Visitor.Answer opened = Visitor.signedIn("therapist").post("/courses", form);
        assertThat(opened.status()).isEqualTo(302);
        return "/courses/" + form.get("courseId");
    }

    private static void checkIn(String course, String... flags) {
        BROWSER.open(course + "/visit");
        BROWSER.click(By.cssSelector("input[name=painNow][value='1']"));
        BROWSER.click(By.cssSelector("input[name=swelling][value=NONE]"));
        for (String flag : flags) {
            BROWSER.click(By.cssSelector("input[name=flag][value='" + flag + "']"));
        }
        BROWSER.click(By.cssSelector("button[name=asked][value=" + (flags.length == 0 ? "none" : "true") + "]"));
        BROWSER.waitFor(By.cssSelector(".check-in-outcome"));
    }

    private static void tap(int pain) {
        BROWSER.click(By.xpath("//fieldset[contains(@class,'pain-taps')]/label[normalize-space()='" + pain + "']"));
    }

    private static void set(int pain) {
        String before = heading();
        tap(pain);
        BROWSER.click(By.cssSelector(".set-done"));
        BROWSER.until(page -> !heading().equals(before));
    }

    private static String heading() {
        return BROWSER.driver().findElement(By.cssSelector(".set-nth")).getText()
                + BROWSER.driver().findElements(By.cssSelector(".work-sets li")).size();
    }

    @ParameterizedTest
    @CsvSource({
        "shoulder.cuff-repair, 45, shoulder-flexion, Shoulder flexion",
        "knee.replacement, 20, knee-flexion, Knee flexion",
        "hip.replacement, 30, hip-flexion, Hip flexion",
        "hand.flexor-tendon-zone-2, 20, pip-flexion, Middle joint"
    })
    void aWholeVisit(String protocol, int day, String measure, String measured) {
        String course = course(protocol, day);
        checkIn(course);
        BROWSER.press("Go on and measure, range first");
        WebElement cell = BROWSER.waitFor(By.cssSelector("#row-" + measure + " input.cell-said"));
        cell.sendKeys("60", org.openqa.selenium.Keys.ENTER);
        BROWSER.until(page -> !page.findElements(By.cssSelector("#row-" + measure + " .is-kept"))
                .isEmpty());

        BROWSER.open(course + "/work");
        assertThat(BROWSER.driver()
                        .findElement(By.cssSelector(".body-figure figcaption"))
                        .getText())
                .contains("Operated: left ");
        WebElement done = BROWSER.waitFor(By.cssSelector(".set-done"));
        assertThat(done.isEnabled()).isFalse();
        set(1);
        assertThat(BROWSER.driver().findElement(By.cssSelector(".work-sets")).getText())
                .contains("pain 1");

        BROWSER.press("Go on and wrap up");
        BROWSER.waitForText("The note, drafted from what was logged");
        assertThat(BROWSER.text()).contains("Pain now 1 of 10.", "pain at most 1", measured);
        BROWSER.type("ownWords", "As it should be.");
        BROWSER.press("Sign the note");
        BROWSER.waitForText("Signed by Maren Arkwell");
        assertThat(BROWSER.text()).contains("As it should be.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "breathless;Stopped. No treatment today.;false",
                "calf;Stopped. No treatment today.;false",
                "sharp;A red flag asks to stop what brings it on;true",
                "night-pain;A red flag holds progress today.;true"
            })
    void aRedFlagOfEachTier(String flag, String says, boolean works) {
        String course = course("knee.replacement", 20);
        checkIn(course, flag);
        BROWSER.open(course + "/work");

        BROWSER.waitForText(says);
        assertThat(BROWSER.driver().findElements(By.cssSelector(".set-done")).isEmpty())
                .isEqualTo(!works);
    }

    @Test
    void steppersClocksAndTooMuchPain() {
        String course = course("knee.replacement", 20);
        checkIn(course);
        BROWSER.open(course + "/work");
        WebElement amount = BROWSER.waitFor(By.cssSelector(".set-entry input[name=amount]"));
        int planned = Integer.parseInt(amount.getDomProperty("value"));
        BROWSER.click(By.cssSelector(".stepper-less"));
        BROWSER.click(By.cssSelector(".stepper-less"));
        assertThat(Integer.parseInt(amount.getDomProperty("value"))).isLessThan(planned);
        BROWSER.click(By.xpath("//button[starts-with(., 'Rest')]"));
        BROWSER.until(page ->
                !page.findElement(By.cssSelector(".clock-face")).getText().equals("0:00"));

        tap(7);
        BROWSER.until(
                page -> page.findElement(By.cssSelector(".pain-says")).getText().contains("Over the rule (at most 5)"));
        set(7);

        assertThat(BROWSER.driver().findElement(By.cssSelector(".step-back")).getText())
                .contains("Step back now.");
        BROWSER.click(By.cssSelector(".stop-corner > summary"));
        BROWSER.click(By.xpath("//details[contains(@class,'stop-corner')]//label[contains(.,'numbness')]"));
        BROWSER.press("Stop and step back");
        BROWSER.waitForText("numbness or tingling.");
    }
}
