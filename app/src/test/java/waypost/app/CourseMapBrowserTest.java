package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.WebDriverWait;
import waypost.app.testing.Browser;
import waypost.app.testing.DemoCourses;
import waypost.app.testing.Referring;
import waypost.app.testing.Visitor;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.ShippedLibrary;

/** The course map as a browser draws it, and its handle. */
@Tag("browser")
class CourseMapBrowserTest {

    /** Where marks and labels stand on screen, told by the browser. */
    private static final String FAULTS = """
            const faults = [];
            document.querySelectorAll('.map svg.marks').forEach(lane => {
              const box = lane.getBoundingClientRect();
              if (box.width === 0) return;
              lane.querySelectorAll('svg.mark').forEach(mark => {
                const at = box.left + box.width * Number(mark.dataset.left) / 100;
                const ground = mark.querySelector('.ground').getBoundingClientRect();
                if (Math.abs(ground.left - at) > 1) faults.push('x ' + ground.left + ' for ' + at + ' ' + mark.textContent);
              });
              let end = -1;
              lane.querySelectorAll('foreignObject').forEach(label => {
                const own = label.getBoundingClientRect();
                if (own.left < end - 0.5) faults.push('label over label ' + label.textContent);
                end = own.right;
                if (own.right > box.right + 1) faults.push('label beyond its lane ' + label.textContent);
              });
            });
            ['month', 'week'].forEach(row => {
              let end = -1;
              document.querySelectorAll('.ticks .' + row).forEach(tick => {
                const own = tick.getBoundingClientRect();
                if (own.left < end) faults.push(row + ' over ' + row + ' ' + tick.textContent);
                end = own.right;
              });
            });
            return faults;
            """;

    private static Browser browser;

    @BeforeAll
    static void signIn() {
        browser = new Browser().signIn("therapist");
    }

    @AfterAll
    static void close() {
        browser.close();
    }

    @ParameterizedTest
    @ValueSource(ints = {1280, 820})
    void everyMarkStandsAtItsDateAndNoLabelCoversAnother(int width) {
        browser.size(width, 1180);
        int number = width * 100;
        for (Protocol protocol : ShippedLibrary.read().protocols()) {
            String course = "/courses/" + courseOn(protocol, number++);
            for (String scale : new String[] {"WHOLE", "MONTHS"}) {
                browser.open(course + "?scale=" + scale);
                assertThat((List<?>) browser.driver().executeScript(FAULTS))
                        .as(protocol.id() + " " + scale)
                        .isEmpty();
            }
        }
        browser.size(1280, 800);
    }

    private static String courseOn(Protocol protocol, int number) {
        Map<String, String> form = Referring.form("Map Person " + number, "M-" + number, 20);
        form.keySet().removeIf(key -> key.startsWith("answer."));
        form.put("protocol", protocol.id());
        form.put("operation", protocol.title());
        protocol.questions().stream()
                .filter(question -> question.isDecisive())
                .forEach(question ->
                        form.put("answer." + question.id(), question.valueIds().get(0)));
        assertThat(Visitor.signedIn("therapist").post("/courses", form).status())
                .isEqualTo(302);
        return form.get("courseId");
    }

    private static List<String> shapes() {
        return browser.driver().findElements(By.cssSelector("a.sign[data-role]")).stream()
                .map(sign -> sign.getDomAttribute("class"))
                .collect(Collectors.toList());
    }

    @Test
    void theHandleIsSteppedByKeys() {
        browser.open("/courses/" + DemoCourses.of("Ottoline Brandreth"));
        WebElement handle = browser.waitFor(By.cssSelector(".handle"));

        handle.sendKeys(Keys.PAGE_UP, Keys.PAGE_UP, Keys.PAGE_UP, Keys.PAGE_UP, Keys.ARROW_RIGHT, Keys.ARROW_LEFT);
        List<?> said = (List<?>) browser.driver()
                .executeScript("const handle = document.querySelector('.handle');"
                        + "return [handle.getAttribute('aria-valuenow'), handle.getAttribute('aria-valuetext')]");

        assertThat(said.get(0)).isEqualTo("80");
        assertThat(said.get(1)).isEqualTo("Thu 1 May, day 80");
        browser.waitForText("Day 80");
        assertThat(browser.driver().getCurrentUrl()).contains("on=2031-05-01");
    }

    /** The page is the same while the handle is held: only when it is let go does the server tell the reasons. */
    @Test
    void signsRepaintWhileTheHandleIsHeldAndTheDayIsShownWhenItIsLetGo() {
        browser.open("/courses/" + DemoCourses.of("Ottoline Brandreth"));
        WebElement track = browser.waitFor(By.cssSelector(".map-ruler .track"));
        List<String> before = shapes();
        browser.driver().executeScript("document.querySelector('.map').dataset.same = 'yes'");

        new Actions(browser.driver())
                .moveToElement(track, 0, 20)
                .clickAndHold()
                .moveToElement(track, track.getSize().getWidth() / 2 - 4, 20)
                .perform();
        new WebDriverWait(browser.driver(), Duration.ofSeconds(10)).until(page -> !shapes().equals(before));

        assertThat(browser.driver().findElements(By.cssSelector(".map[data-same]")))
                .hasSize(1);
        assertThat(browser.driver().getCurrentUrl()).doesNotContain("on=");
        new Actions(browser.driver()).release().perform();
        browser.waitForText("Shown:");
        assertThat(browser.driver().getCurrentUrl()).contains("on=203");
        browser.driver().navigate().back();
        browser.until(page -> page.findElements(By.cssSelector(".viewing")).isEmpty());
    }

    @Test
    void theSameFactsStandInATable() {
        browser.open("/courses/" + DemoCourses.of("Ottoline Brandreth"));
        browser.click(By.cssSelector(".map-table summary"));

        browser.waitForText("One leg, from Mon 24 Mar 2031");
        browser.waitForText("written to open");
    }
}
