package waypost.app.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import waypost.app.testing.Browser;
import waypost.app.testing.Referring;
import waypost.app.testing.Visitor;

/** Three invented surgeons' papers of different style are typed in, asked about, signed, referred to and judged. */
@Tag("browser")
class ThreePapersBrowserTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");
    private static final String BY_THE_PAPER = "Not yet, as this surgeon writes";
    private static final int MOST_QUESTIONS = 12;

    /** A paper, what its surgeon answers, and an exercise that it opens later than its protocol. */
    enum Written {
        /** Terse, durations. */
        KNEE(
                "knee.meniscus-repair",
                Map.of("then-length", "in-all"),
                "bike-easy/both",
                56,
                "NWB 4 wks then 50% WB x 8 wks, then FWB",
                "brace locked in ext. 4 wks, out for hygiene",
                "PROM 0-90 x 6 wks",
                "No flexion > 90 for 8 weeks",
                "no resisted hamstring until 12 weeks",
                "stationary bike at 8 weeks"),
        /** In whole words, weeks named as they begin. */
        SHOULDER(
                "shoulder.labral-repair",
                Map.of("week-names", "nth"),
                "pendulum/operated",
                14,
                "Sling at all times for 6 weeks, out for exercises",
                "No external rotation past 20 until week 9",
                "No active elevation until week 9",
                "Pendulums at week 3",
                "Start bands at 14 weeks"),
        /** By completed weeks. */
        HIP(
                "hip.replacement",
                Map.of("week-names", "completed"),
                "bike-easy/both",
                42,
                "TTWB until week 3, then WBAT",
                "no flexion past 80 until week 12",
                "stationary bike at week 6");

        private final String base;
        private final Map<String, String> answers;
        private final String role;
        private final int opens;
        private final List<String> lines;

        Written(String base, Map<String, String> answers, String role, int opens, String... lines) {
            this.base = base;
            this.answers = answers;
            this.role = role;
            this.opens = opens;
            this.lines = List.of(lines);
        }
    }

    @ParameterizedTest
    @EnumSource
    void fromThePageToTheVerdict(Written written) {
        String title = written + ", Dr Nobody " + UUID.randomUUID().toString().substring(0, 4);
        String protocol;
        try (Browser browser = new Browser().size(1280, 800).signIn("upriver")) {
            browser.open("/papers");
            browser.type("title", title);
            browser.choose("base", written.base);
            browser.choose("joint", written.name());
            browser.press("Begin");
            browser.waitForText("No line yet.");
            browser.type("lines", String.join("\n", written.lines));
            browser.press("Keep and read");
            browser.waitForText("As it is understood");
            browser.waitFor(By.cssSelector(".paper-lines li"));
            answerAll(browser, written);
            browser.press("Hand it in to be signed");
            browser.waitForText("in review");
            String address = browser.driver().getCurrentUrl();
            protocol = "own." + address.substring(address.lastIndexOf('/') + 1).substring(0, 8);
            // Looking through takes seconds, and longer beside other work; what was looked through is kept.
            assertThat(LEAD.get(address.substring(address.indexOf("/papers/")) + "/check")
                            .status())
                    .isEqualTo(200);
            browser.click(By.linkText("Look through what it changes"));
            browser.waitForText("Later than in the protocol");
            browser.press("Sign and publish");
            browser.waitForText("signed and published");
            assertThat(browser.complaints()).isEmpty();
        }
        assertThat(rung(written, protocol, written.opens - 1)).contains(BY_THE_PAPER);
        assertThat(rung(written, protocol, written.opens)).doesNotContain(BY_THE_PAPER);
    }

    private static void answerAll(Browser browser, Written written) {
        for (int asked = 0; asked < MOST_QUESTIONS; asked++) {
            List<WebElement> questions = browser.driver().findElements(By.cssSelector(".paper-question"));
            if (questions.isEmpty()) {
                return;
            }
            WebElement question = questions.get(0);
            String id = question.findElement(By.name("question")).getDomProperty("value");
            String answer = written.answers.get(id);
            assertThat(answer).as("answer to " + id).isNotNull();
            String revision = revision(browser);
            question.findElement(By.cssSelector("button[value='" + answer + "']"))
                    .click();
            browser.until(driver -> !revision(browser).equals(revision));
        }
    }

    private static String revision(Browser browser) {
        return String.valueOf(
                browser.driver().executeScript("return document.querySelector('input[name=revision]').value"));
    }

    /** What the exercise's page says so many days after surgery. */
    private static String rung(Written written, String protocol, int day) {
        Map<String, String> form = new HashMap<>(Referring.form("Paper Person", "TP-" + UUID.randomUUID(), day));
        form.keySet().removeIf(field -> field.startsWith("answer."));
        form.putAll(Map.of("protocol", protocol, "operation", "as the paper says"));
        LEAD.post("/courses", form);
        return LEAD.get("/courses/" + form.get("courseId") + "/rungs/" + written.role)
                .body();
    }
}
