package waypost.app;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import waypost.app.testing.Browser;
import waypost.app.testing.Visitor;

/**
 * How long it takes from letting a post of the desk go until the second frame after the desk stands there again, the change
 * kept. Prints the figures; nothing is asserted of a time.
 */
@Tag("benchmark")
class DeskSpeedTest {

    private static final int WARM_UP = 10;
    private static final int ROUNDS = 41;
    private static final String POST = ".desk-post[data-key='phases/walk/earliest']";

    private static final String WATCH = """
            window.released = 0;
            window.took = 0;
            document.addEventListener('pointerup', () => { window.released = performance.now(); }, { capture: true, once: true });
            document.addEventListener('waypost-desk', () => {
              requestAnimationFrame(() => requestAnimationFrame(() => { window.took = performance.now() - window.released; }));
            }, { once: true });
            """;

    @Test
    void fromReleaseToTheSecondFrame() {
        UUID id = UUID.randomUUID();
        Visitor.signedIn("upriver")
                .post(
                        "/papers",
                        Map.of(
                                "entryId",
                                id.toString(),
                                "title",
                                "Timed",
                                "base",
                                "knee.meniscus-repair",
                                "joint",
                                "knee"));
        List<Double> took = new ArrayList<>();
        try (Browser browser = new Browser().size(1280, 800).signIn("upriver")) {
            browser.open("/papers/" + id + "/desk");
            for (int round = 0; round < WARM_UP + ROUNDS; round++) {
                WebElement post = browser.waitFor(By.cssSelector(POST + " .hit"));
                browser.driver().executeScript(WATCH);
                new Actions(browser.driver())
                        .clickAndHold(post)
                        .moveByOffset(round % 2 == 0 ? 60 : -60, 0)
                        .release()
                        .perform();
                browser.until(page -> number(browser) > 0);
                if (round >= WARM_UP) {
                    took.add(number(browser));
                }
            }
        }
        List<Double> sorted = took.stream().sorted().toList();
        System.out.printf(
                "desk handle, let go, to the second frame after it was kept: median %.0f ms, fastest %.0f, slowest %.0f (%d rounds)%n",
                sorted.get(sorted.size() / 2), sorted.get(0), sorted.get(sorted.size() - 1), sorted.size());
    }

    private static double number(Browser browser) {
        return ((Number) Objects.requireNonNull(browser.driver().executeScript("return window.took"))).doubleValue();
    }
}
