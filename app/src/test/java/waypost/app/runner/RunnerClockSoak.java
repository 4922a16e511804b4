package waypost.app.runner;

import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;
import waypost.app.testing.Browser;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** Ten minutes of a session with a call every ten seconds: prints by how much each call was late, and how far the page's clock ran from the system's. */
@Tag("soak")
class RunnerClockSoak {

    private static final long TEN_MINUTES = 600_000;

    @Test
    void howLateTheCallsAre() throws InterruptedException {
        Visitor therapist = Visitor.signedIn("therapist");
        Working visit = Working.beginner(therapist, 20).checkedIn();
        visit.measured("knee-flexion", "130");
        try (Browser browser = new Browser()) {
            browser.size(1280, 800).signIn("therapist").open("/courses/" + visit.id() + "/run?role=bike-easy/both");
            browser.driver().executeScript("""
                    window.late = [];
                    const root = document.querySelector("main.runner");
                    const beats = Array.from({ length: 60 }, (_, nth) => ({ second: 10 * nth, round: 1, kind: "SOON", says: `Beat ${nth}.` }));
                    const leading = Alpine.$data(root);
                    leading.plan = { ...leading.plan, beats, seconds: 700 };
                    new MutationObserver(() => {
                      const says = root.querySelector(".runner-says").textContent;
                      const at = (performance.now() - window.p0) / 1000;
                      const beat = beats.filter((each) => each.says === says).sort((a, b) => Math.abs(a.second - at) - Math.abs(b.second - at))[0];
                      if (beat) { window.late.push(`${beat.second}: ${(at - beat.second).toFixed(3)}`); }
                    }).observe(root.querySelector(".runner-says"), { childList: true, characterData: true, subtree: true });
                    document.addEventListener("keydown", () => { window.p0 = performance.now(); window.d0 = Date.now(); }, { once: true, capture: true });
                    """);
            new Actions(browser.driver()).sendKeys(Keys.SPACE).perform();
            Thread.sleep(TEN_MINUTES);
            List<?> late = (List<?>) browser.driver().executeScript("return window.late");
            Object drift = browser.driver()
                    .executeScript("return (performance.now() - window.p0 - (Date.now() - window.d0)) / 1000");
            System.out.println("calls, second: how late in s " + late);
            System.out.println("the page's clock against the system's after ten minutes, in s: " + drift);
        }
    }
}
