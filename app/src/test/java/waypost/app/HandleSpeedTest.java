package waypost.app;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import waypost.app.testing.Browser;
import waypost.app.testing.DemoCourses;

/**
 * How long it takes from letting the map's handle go to the second frame after the page's swap: one user, the whole
 * library, an opened rung. Prints the figures; nothing is asserted of a time.
 */
@Tag("benchmark")
class HandleSpeedTest {

    private static final int WARM_UP = 10;
    private static final int ROUNDS = 41;

    private static final String WATCH = """
            window.released = 0;
            window.took = 0;
            document.addEventListener('pointerup', () => { window.released = performance.now(); }, { capture: true, once: true });
            document.addEventListener('waypost-shown', () => {
              requestAnimationFrame(() => requestAnimationFrame(() => { window.took = performance.now() - window.released; }));
            }, { once: true });
            """;

    @ParameterizedTest
    @ValueSource(longs = {0, 500})
    void fromReleaseToTheSecondFrame(long restedMilliseconds) {
        List<Double> took = new ArrayList<>();
        try (Browser browser = new Browser().signIn("therapist")) {
            browser.open("/courses/" + DemoCourses.of("Ottoline Brandreth") + "?rung=single-leg-squat/operated");
            for (int round = 0; round < WARM_UP + ROUNDS; round++) {
                WebElement track = browser.waitFor(By.cssSelector(".map-ruler .track"));
                browser.driver().executeScript(WATCH);
                int to = round % 2 == 0
                        ? track.getSize().getWidth() / 4
                        : -track.getSize().getWidth() / 8;
                new Actions(browser.driver())
                        .moveToElement(track, 0, 20)
                        .clickAndHold()
                        .moveToElement(track, to + round, 20)
                        .pause(Duration.ofMillis(restedMilliseconds))
                        .release()
                        .perform();
                browser.until(page -> number(browser, "return window.took") > 0);
                if (round >= WARM_UP) {
                    took.add(number(browser, "return window.took"));
                }
            }
        }
        List<Double> sorted = took.stream().sorted().toList();
        System.out.printf(
                "handle, let go %s, to the second frame after the swap: median %.0f ms, fastest %.0f, slowest %.0f (%d rounds)%n",
                restedMilliseconds == 0 ? "in full flight" : "after resting " + restedMilliseconds + " ms",
                sorted.get(sorted.size() / 2),
                sorted.get(0),
                sorted.get(sorted.size() - 1),
                sorted.size());
    }

    private static double number(Browser browser, String script) {
        return ((Number) Objects.requireNonNull(browser.driver().executeScript(script))).doubleValue();
    }
}
