package waypost.app.runner;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.selenium.AxeBuilder;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;
import waypost.app.store.SetRow;
import waypost.app.store.WorkStore;
import waypost.app.testing.Browser;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** A session led from the full screen, by keys and by touch. */
@Tag("browser")
class RunnerBrowserTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    private static Browser leading(Working visit, String role) {
        return new Browser().size(1280, 800).signIn("therapist").open("/courses/" + visit.id() + "/run?role=" + role);
    }

    private static void keys(Browser browser, CharSequence... keys) {
        new Actions(browser.driver()).sendKeys(keys).perform();
    }

    private static void run(Browser browser, String pain, String clean) {
        keys(browser, Keys.SPACE);
        keys(browser, Keys.SPACE, pain, clean);
    }

    private static String shown(Browser browser, String what) {
        return browser.waitFor(By.cssSelector(what)).getText();
    }

    private static List<String> kept(Working visit) {
        return RunningWaypost.get().bean(WorkStore.class).sets(visit.id()).stream()
                .map(RunnerBrowserTest::told)
                .toList();
    }

    private static String told(SetRow set) {
        return set.key().activity() + " " + set.amount() + " p" + set.pain() + " " + set.form();
    }

    private static void clean(Browser browser) {
        assertThat(new AxeBuilder().setLegacyMode().analyze(browser.driver()).getViolations())
                .isEmpty();
    }

    /** Three clean open the second stage at once; the third is shut by its phase; the tenth run is never offered. */
    @Test
    void aStageOpensAndTheCapIsMetOfflineAndBack() {
        Working visit = Working.strained(THERAPIST, 4).checkedIn();
        visit.plan("ADD", "run-1/both", "");
        try (Browser browser = leading(visit, "run-1/both")) {
            clean(browser);
            run(browser, "1", "c");
            browser.until(driver -> kept(visit).size() == 1);
            browser.connected(false);
            run(browser, "1", "x");
            for (int nth = 0; nth < 3; nth++) {
                run(browser, "2", "c");
            }
            browser.waitForText("Three clean. Stage 2: steady jog opens.");
            clean(browser);
            for (int nth = 0; nth < 3; nth++) {
                run(browser, "0", "c");
            }
            browser.waitForText("Three clean, and it stays:");
            assertThat(kept(visit)).hasSize(1);
            browser.connected(true);
            browser.until(driver -> kept(visit).size() == 8);
            run(browser, "0", "c");
            browser.waitForText("That was all for today.");
            run(browser, "0", "c");
            browser.until(driver -> kept(visit).size() == 9);
        }
        assertThat(kept(visit))
                .containsExactly(
                        "run-1 1 p1 GOOD",
                        "run-1 1 p1 COMPENSATED",
                        "run-1 1 p2 GOOD",
                        "run-1 1 p2 GOOD",
                        "run-1 1 p2 GOOD",
                        "run-2 1 p0 GOOD",
                        "run-2 1 p0 GOOD",
                        "run-2 1 p0 GOOD",
                        "run-2 1 p0 GOOD");
        assertThat(visit.page()).contains("Stage 2: steady jog").contains("role=run-2/both");
    }

    @Test
    void painOverTheRuleEndsItAtOnce() {
        Working visit = Working.strained(THERAPIST, 4).checkedIn();
        try (Browser browser = leading(visit, "run-1/both")) {
            run(browser, "6", "c");
            browser.waitForText("Pain 6: over the limit of 4. Stop here and step back.");
            assertThat(browser.driver()
                            .findElement(By.cssSelector(".runner-go"))
                            .isEnabled())
                    .isFalse();
            browser.until(driver -> kept(visit).equals(List.of("run-1 1 p6 GOOD")));
            browser.click(By.linkText("Back to the visit"));
            browser.waitForText("Step back now.");
        }
    }

    /** The clock is the time that passed: nine minutes and a half in one leap leave it right to the second. */
    @Test
    void theClockIsTheTimeThatPassed() {
        Working visit = Working.beginner(THERAPIST, 20).checkedIn();
        visit.measured("knee-flexion", "130");
        try (Browser browser = leading(visit, "bike-easy/both")) {
            browser.driver().executeScript("""
                    const real = performance.now.bind(performance);
                    window.leapt = 0;
                    performance.now = () => real() + window.leapt;
                    """);
            keys(browser, Keys.SPACE);
            browser.waitForText("Pedal easily, 20 minutes, effort 3 to 4 of 10.");
            browser.driver().executeScript("window.leapt += 570 * 1000");
            browser.until(driver -> shown(browser, ".runner-face").matches("10:[23]\\d"));
            keys(browser, Keys.SPACE);
            String paused = shown(browser, ".runner-face");
            browser.driver().executeScript("window.leapt += 60 * 1000");
            keys(browser, Keys.SPACE);
            assertThat(seconds(shown(browser, ".runner-face"))).isBetween(seconds(paused) - 2, seconds(paused));
            browser.driver().executeScript("window.leapt += 700 * 1000");
            browser.waitForText("Set 1: tap the pain.");
            keys(browser, "2", "c");
            browser.until(driver -> kept(visit).equals(List.of("bike-easy 20 p2 GOOD")));
            clean(browser);
        }
    }

    private static int seconds(String face) {
        String[] parts = face.split(":");
        return 60 * Integer.parseInt(parts[0]) + Integer.parseInt(parts[1]);
    }

    @Test
    void whatIsStoppedEarlyKeepsWhatWasDone() {
        Working visit = Working.beginner(THERAPIST, 20).checkedIn();
        visit.measured("knee-flexion", "130");
        try (Browser browser = leading(visit, "bike-easy/both")) {
            browser.size(820, 1180);
            browser.driver().executeScript("""
                    const real = performance.now.bind(performance);
                    window.leapt = 0;
                    performance.now = () => real() + window.leapt;
                    """);
            browser.click(By.cssSelector(".runner-go"));
            browser.driver().executeScript("window.leapt += 430 * 1000");
            browser.click(By.cssSelector(".runner-lead .stop-button"));
            browser.waitForText("Stopped.");
            browser.click(By.cssSelector("[data-pain='3']"));
            browser.click(By.cssSelector(".runner-clean"));
            browser.until(driver -> kept(visit).equals(List.of("bike-easy 7 p3 GOOD")));
            clean(browser);
        }
    }
}
