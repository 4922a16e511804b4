package waypost.app.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;
import waypost.app.store.CourseLoader;
import waypost.app.testing.Browser;
import waypost.app.testing.Instrument;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** The measuring sheet by hand: keyboard, dial, stopwatch, instrument, and a connection that is lost. */
@Tag("browser")
class SheetBrowserTest {

    private static final Browser BROWSER = new Browser().signIn("therapist");
    private static int numbers;

    private final String course = newCourse();

    @AfterAll
    static void close() {
        BROWSER.close();
    }

    private static String newCourse() {
        Map<String, String> form = Referring.form("Sheet By Hand", "SB-" + ++numbers, 100);
        Visitor.signedIn("therapist").post("/courses", form);
        return form.get("courseId");
    }

    private void open() {
        BROWSER.open("/courses/" + course + "/measures");
    }

    private static WebElement field(String measure, int nth) {
        return BROWSER.driver()
                .findElements(By.cssSelector("#row-" + measure + " input.cell-said"))
                .get(nth);
    }

    private static String row(String measure) {
        return BROWSER.driver().findElement(By.id("row-" + measure)).getText();
    }

    private List<KeptReading> kept() {
        RunningWaypost waypost = RunningWaypost.get();
        CourseLoader loader = waypost.bean(CourseLoader.class);
        return waypost.bean(ReadingEntry.class)
                .kept(loader.load(waypost.staff("therapist").clinicId(), UUID.fromString(course)));
    }

    @Test
    void enterKeepsAValueAndLeavingTheFieldKeepsOneToo() {
        open();
        field("knee-flexion", 0).sendKeys("118", Keys.ENTER);
        BROWSER.until(page -> row("knee-flexion").contains("118° today"));
        field("knee-flexion", 2).sendKeys("140");
        field("knee-extension", 0).click();
        BROWSER.until(page -> row("knee-flexion").contains("22° short of the right"));

        assertThat(kept()).hasSize(2);
        assertThat(BROWSER.driver().findElement(By.id("blocks")).getText())
                .startsWith("What blocks the next phase. Into ");
    }

    /** A row comes back while the next value is being typed: nothing typed is lost, and the hand goes on. */
    @Test
    void typingOnWithoutWaitingLosesNothing() {
        open();
        field("knee-flexion", 0).sendKeys("118", Keys.TAB);
        new Actions(BROWSER.driver())
                .sendKeys(Keys.TAB, Keys.TAB, Keys.TAB, "114", Keys.TAB, Keys.TAB, Keys.TAB, Keys.TAB)
                .perform();
        BROWSER.until(page -> kept().size() == 2
                && page.findElements(By.cssSelector("#row-knee-flexion .is-kept"))
                                .size()
                        == 2);
        field("knee-flexion", 2).sendKeys("0-0-140");
        field("knee-flexion", 2).sendKeys(Keys.ENTER);
        BROWSER.until(page -> row("knee-extension").contains("0° today") && kept().size() == 4);
        BROWSER.until(page -> BROWSER.driver().switchTo().activeElement().equals(field("knee-flexion", 3)));

        assertThat(kept())
                .extracting(reading -> reading.value().intValue())
                .containsExactlyInAnyOrder(118, 114, 140, 0);
    }

    /** The row comes back in the middle of a number: the half is not kept, and the next key goes on where the hand was. */
    @Test
    void aNumberTypedByHalfWhenTheRowComesBackIsNeitherKeptNorLost() {
        open();
        field("knee-flexion", 0).sendKeys("118", Keys.TAB);
        new Actions(BROWSER.driver())
                .sendKeys(Keys.TAB, Keys.TAB, Keys.TAB, "14")
                .sendKeys(Keys.ARROW_LEFT)
                .perform();
        BROWSER.until(page -> row("knee-flexion").contains("118° today"));
        new Actions(BROWSER.driver()).sendKeys("1").perform();
        assertThat(kept()).hasSize(1);
        new Actions(BROWSER.driver())
                .sendKeys(Keys.TAB, Keys.TAB, Keys.TAB, Keys.TAB)
                .perform();
        BROWSER.until(page -> kept().size() == 2);

        assertThat(kept()).extracting(reading -> reading.value().intValue()).containsExactlyInAnyOrder(118, 114);
    }

    /** The row comes back while the hand is at the pain beside a value: it stays there, and leaving keeps the value. */
    @Test
    void theHandBesideAValueStaysWhenTheRowComesBack() {
        open();
        field("knee-flexion", 2).sendKeys("114", Keys.TAB);
        BROWSER.driver()
                .executeScript(
                        "arguments[0].value = '118'; arguments[0].form.requestSubmit()", field("knee-flexion", 0));
        BROWSER.until(page -> row("knee-flexion").contains("118° today"));
        assertThat(BROWSER.driver().switchTo().activeElement().getTagName()).isNotEqualTo("body");
        new Actions(BROWSER.driver())
                .sendKeys(Keys.TAB, Keys.TAB, Keys.TAB, Keys.TAB)
                .perform();
        BROWSER.until(page -> kept().size() == 2);

        assertThat(kept()).extracting(reading -> reading.value().intValue()).containsExactlyInAnyOrder(118, 114);
    }

    @Test
    void painAndEndFeelBelongToTheReading() {
        open();
        field("knee-flexion", 0).sendKeys("118");
        new Actions(BROWSER.driver())
                .sendKeys(Keys.TAB, Keys.TAB, "4", Keys.TAB, "firm")
                .perform();
        assertThat(kept()).isEmpty();
        new Actions(BROWSER.driver()).sendKeys(Keys.TAB).perform();
        BROWSER.until(page -> row("knee-flexion").contains("118° today"));

        assertThat(kept())
                .singleElement()
                .satisfies(reading -> assertThat(reading.how().said()).isEqualTo("pain 4 of 10; firm end feel"));
    }

    @Test
    void theDialIsTurnedByArrowsAndByHandAndWritesIntoTheField() {
        open();
        field("knee-flexion", 0).click();
        WebElement grip = BROWSER.waitFor(By.cssSelector(".hand-dial.shown .hand-grip"));
        grip.sendKeys(Keys.chord(Keys.SHIFT, Keys.ARROW_UP), Keys.ARROW_UP);
        assertThat(field("knee-flexion", 0).getDomProperty("value")).isEqualTo("6");

        WebElement face = BROWSER.driver().findElement(By.cssSelector(".hand-dial.shown svg"));
        new Actions(BROWSER.driver())
                .moveToElement(face, 5, 5)
                .clickAndHold()
                .moveByOffset(0, -25)
                .release()
                .perform();
        BROWSER.until(page -> row("knee-flexion").contains("today"));

        assertThat(kept())
                .singleElement()
                .satisfies(reading -> assertThat(reading.value().intValue()).isBetween(70, 130));
    }

    @Test
    void theStopwatchFillsATrial() {
        BROWSER.open("/courses/" + course + "/measures?also=timed-hop");
        WebElement button = BROWSER.waitFor(By.xpath("//*[@id='row-timed-hop']//button[.='Start']"));
        button.click();
        BROWSER.until(page -> button.getText().equals("Stop"));
        button.click();

        assertThat(BROWSER.driver()
                        .findElement(By.cssSelector("#row-timed-hop .cell-trial"))
                        .getDomProperty("value"))
                .matches("\\d+\\.\\d\\d");
    }

    @Test
    void whatIsTypedWithoutAConnectionIsKeptAndSentOnce() {
        open();
        BROWSER.connected(false);
        field("knee-flexion", 0).sendKeys("117", Keys.ENTER);
        BROWSER.until(page -> outbox().contains("1 entry is kept here"));
        assertThat(BROWSER.driver().findElement(By.id("outbox")).getText()).contains("Knee flexion", "117");
        assertThat(kept()).isEmpty();

        BROWSER.connected(true);
        BROWSER.until(page -> row("knee-flexion").contains("117° today"));
        BROWSER.until(page -> !BROWSER.driver().findElement(By.id("outbox")).isDisplayed());
        open();

        assertThat(kept()).hasSize(1);
    }

    /** What waited is refused when it comes: it stays in the outbox with the reason until somebody discards it. */
    @Test
    void whatIsRefusedAfterwardsStaysUntilItIsDiscarded() {
        open();
        BROWSER.connected(false);
        field("knee-flexion", 0).sendKeys("5-10-120", Keys.ENTER);
        BROWSER.until(page -> outbox().contains("1 entry is kept here"));
        BROWSER.connected(true);
        BROWSER.until(page -> outbox().contains("which can't both be"));
        BROWSER.driver().findElement(By.cssSelector("#outbox button")).click();
        BROWSER.until(page -> !BROWSER.driver().findElement(By.id("outbox")).isDisplayed());

        assertThat(kept()).isEmpty();
    }

    @Test
    void signingOutAsksBeforeItThrowsAwayWhatWaits() {
        open();
        BROWSER.connected(false);
        field("knee-flexion", 0).sendKeys("5-10-120", Keys.ENTER);
        BROWSER.until(page -> outbox().contains("1 entry is kept here"));
        BROWSER.connected(true);
        BROWSER.until(page -> outbox().contains("which can't both be"));

        signOut();
        BROWSER.until(page -> outbox().contains("Signing out now throws these away"));
        signOut();
        BROWSER.waitFor(By.cssSelector("main [name='password']"));
        BROWSER.signIn("therapist");
        open();

        assertThat(BROWSER.driver().findElement(By.id("outbox")).isDisplayed()).isFalse();
    }

    private static String outbox() {
        return BROWSER.driver().findElement(By.id("outbox")).getText();
    }

    private static void signOut() {
        BROWSER.driver().findElement(By.cssSelector("form.who button")).click();
    }

    @Test
    void aLiveAngleIsTakenByAKeyAndALostOneIsNotShown() {
        open();
        try (Instrument goniometer = Instrument.start("--faultless", "--seed", "9")) {
            new Select(BROWSER.driver().findElement(By.id("instrument"))).selectByValue("goniometer");
            field("knee-flexion", 0).click();
            BROWSER.until(page -> live().contains("°"));
            field("knee-flexion", 0).sendKeys("c");
            BROWSER.until(page -> row("knee-flexion").contains("today"));
            goniometer.kill();
            BROWSER.until(page -> live().equals("–"));
        }
        BROWSER.waitForText("Not reached; it is tried again.");

        assertThat(kept())
                .singleElement()
                .satisfies(reading -> assertThat(reading.source()).isEqualTo(HowTaken.Source.INSTRUMENT));
    }

    private static String live() {
        return BROWSER.driver().findElement(By.cssSelector(".live-value")).getText();
    }
}
