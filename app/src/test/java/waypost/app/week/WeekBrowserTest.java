package waypost.app.week;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.interactions.Pause;
import org.openqa.selenium.interactions.PointerInput;
import org.openqa.selenium.interactions.Sequence;
import waypost.app.testing.Browser;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** An exercise is moved to another day by mouse, by finger and by keys. Today is Thu 3 Apr 2031. */
@Tag("browser")
class WeekBrowserTest {

    private static final String SLIDE = "heel-slide/operated";
    private static final String MOVABLE = "tr[data-role=\"" + SLIDE + "\"] button.week-mark";
    private static final Browser BROWSER = new Browser().signIn("therapist");

    private final Working visit = Working.on(Visitor.signedIn("therapist"), 52).checkedIn();

    @AfterEach
    void wide() {
        BROWSER.touch(false).size(1280, 800);
    }

    @AfterAll
    static void close() {
        BROWSER.close();
    }

    private static String on(String weekday) {
        return "tr[data-role=\"" + SLIDE + "\"] td[data-weekday=" + weekday + "]";
    }

    /** The board of the week that begins on Mon 7 Apr, with the slide on its Monday alone. */
    private void board() {
        String page = visit.get("/week?of=2031-04-07");
        String row = page.substring(page.indexOf("<tr data-role=\"" + SLIDE + "\""));
        place(row, "MONDAY", "");
        BROWSER.open(visit.path() + "/week?of=2031-04-07");
        BROWSER.until(shown -> count(MOVABLE) == 1);
        BROWSER.until(shown -> Boolean.TRUE.equals(BROWSER.driver().executeScript("return 'Sortable' in window")));
    }

    private void place(String row, String weekday, String seen) {
        visit.post(
                "/week",
                Map.of(
                        "changeId",
                        Working.hidden(row, "changeId"),
                        "block",
                        Working.hidden(row, "block"),
                        "role",
                        SLIDE,
                        "seen",
                        seen,
                        "weekday",
                        weekday));
    }

    private static int count(String css) {
        return BROWSER.driver().findElements(By.cssSelector(css)).size();
    }

    private static void arrives(String weekday) {
        BROWSER.until(page -> count(on(weekday) + " button.week-mark") == 1 && count(MOVABLE) == 1);
    }

    private static WebElement item() {
        return BROWSER.driver().findElement(By.cssSelector(MOVABLE));
    }

    private static WebElement day(String weekday) {
        return BROWSER.driver().findElement(By.cssSelector(on(weekday)));
    }

    @Test
    void byKeysAndTheFocusGoesWithIt() {
        board();
        item().sendKeys(Keys.ARROW_RIGHT);
        arrives("TUESDAY");
        BROWSER.until(page -> BROWSER.driver().switchTo().activeElement().equals(item()));
        item().sendKeys(Keys.ARROW_RIGHT);
        arrives("WEDNESDAY");
        item().sendKeys(Keys.ARROW_LEFT);
        arrives("TUESDAY");

        assertThat(visit.get("/record")).contains("Placed on weekdays", ": tuesday<", ": wednesday<");
    }

    @Test
    void byMouse() {
        board();
        new Actions(BROWSER.driver())
                .moveToElement(item())
                .clickAndHold()
                .moveByOffset(20, 5)
                .moveToElement(day("FRIDAY"))
                .moveByOffset(2, 2)
                .release()
                .perform();

        arrives("FRIDAY");
    }

    /** Held for a moment before it is drawn, so that a page can still be scrolled by a finger on an exercise. */
    @Test
    void byFingerOnATablet() {
        BROWSER.size(1024, 768).touch(true);
        board();
        PointerInput finger = new PointerInput(PointerInput.Kind.TOUCH, "finger");
        Sequence draw = new Sequence(finger, 0)
                .addAction(finger.createPointerMove(Duration.ZERO, PointerInput.Origin.fromElement(item()), 0, 0))
                .addAction(finger.createPointerDown(PointerInput.MouseButton.LEFT.asArg()))
                .addAction(new Pause(finger, Duration.ofMillis(500)))
                .addAction(finger.createPointerMove(
                        Duration.ofMillis(200), PointerInput.Origin.fromElement(day("WEDNESDAY")), 0, 0))
                .addAction(finger.createPointerMove(
                        Duration.ofMillis(200), PointerInput.Origin.fromElement(day("WEDNESDAY")), 3, 3))
                .addAction(finger.createPointerUp(PointerInput.MouseButton.LEFT.asArg()));
        BROWSER.driver().perform(List.of(draw));

        arrives("WEDNESDAY");
    }

    @Test
    void aPlacingThatIsRefusedIsToldAndNothingMoves() {
        board();
        String page = visit.get("/week");
        place(page.substring(page.indexOf("<tr data-role=\"" + SLIDE + "\"")), "SATURDAY", "MONDAY");

        item().sendKeys(Keys.ARROW_RIGHT);

        BROWSER.waitForText("Somebody placed this exercise on other days");
        arrives("SATURDAY");
    }
}
