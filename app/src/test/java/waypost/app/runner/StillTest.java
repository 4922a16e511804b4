package waypost.app.runner;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.selenium.AxeBuilder;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Browser;
import waypost.app.testing.Referring;
import waypost.app.testing.Visitor;

/** Pushes are called where they are open, and what wavered is kept. */
@Tag("served")
class StillTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");

    /** A dislocated shoulder of so many days ago. */
    private static String shoulder(int day) {
        Map<String, String> form = new HashMap<>(Referring.form("Still Person", "ST-" + UUID.randomUUID(), day));
        form.keySet().removeIf(field -> field.startsWith("answer."));
        form.putAll(Map.of("protocol", "shoulder.cuff-overload", "operation", "sore shoulder"));
        LEAD.post("/courses", form);
        return "/courses/" + form.get("courseId");
    }

    @Test
    void aKneeHasNone() {
        Map<String, String> form = Referring.form("Still Knee", "ST-" + UUID.randomUUID(), 30);
        LEAD.post("/courses", form);
        assertThat(LEAD.get("/courses/" + form.get("courseId") + "/still").body())
                .contains("speaks of no position");
    }

    @Test
    void answersThatAreNoneKeepNothing() {
        String course = shoulder(40);
        assertThat(LEAD.post(
                                course + "/still",
                                Map.of("entryId", UUID.randomUUID().toString(), "answers", "XX"))
                        .body())
                .contains("allowed: S, W or P");
        assertThat(LEAD.post(
                                course + "/still",
                                Map.of("entryId", UUID.randomUUID().toString(), "answers", "S S S S S S S"))
                        .body())
                .contains("go through all of them");
        assertThat(LEAD.get(course + "/measures/readings").body()).doesNotContain(" of 1 still");
    }

    @Test
    @Tag("browser")
    void aWaverInOneDirectionIsKeptAsNotSeen() {
        String course = shoulder(40);
        try (Browser browser = new Browser().size(1280, 800).signIn("upriver")) {
            browser.open(course + "/still");
            browser.waitForText("Push 1 of 12.");
            assertThat(new AxeBuilder()
                            .setLegacyMode()
                            .analyze(browser.driver())
                            .getViolations())
                    .isEmpty();
            browser.press("Wavers");
            browser.waitForText("0 of 1 still: not");
            while (!browser.text().contains("Done")) {
                browser.press("Still");
            }
            browser.waitForText("Wavers seen: it is not held still yet.");
            browser.press("Put it on record");
            browser.waitForText("Holds the arm still against small pushes");
            assertThat(browser.text()).contains("11 of 12", "not seen");
            assertThat(browser.complaints()).isEmpty();
        }
    }
}
