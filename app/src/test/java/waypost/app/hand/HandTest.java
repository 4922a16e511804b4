package waypost.app.hand;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.selenium.AxeBuilder;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import waypost.app.testing.Browser;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

@Tag("served")
class HandTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");
    private static int numbers;

    private static String hand(Visitor therapist, int day, String school) {
        Map<String, String> form = new HashMap<>(Referring.form("Grasping Person", "HD-" + ++numbers, day));
        form.keySet().removeIf(field -> field.startsWith("answer."));
        form.putAll(Map.of(
                "protocol", "hand.flexor-tendon-zone-2",
                "answer.digit", "finger",
                "answer.school", school,
                "answer.strands", "four"));
        therapist.post("/courses", form);
        return "/courses/" + form.get("courseId");
    }

    private static Map<String, String> finger(String finger, String... degrees) {
        Map<String, String> form =
                new HashMap<>(Map.of("entryId", UUID.randomUUID().toString(), "finger", finger));
        String[] fields = {"mcpBent", "mcpLacks", "pipBent", "pipLacks", "dipBent", "dipLacks", "tip"};
        for (int nth = 0; nth < degrees.length; nth++) {
            form.put(fields[nth], degrees[nth]);
        }
        return form;
    }

    private static void hurts(String course, String finger) {
        LEAD.post(
                course + "/hand/hurt",
                Map.of("entryId", UUID.randomUUID().toString(), "finger", finger, "hurt", "yes"));
    }

    /** 80 + 95 + 55 less 15 and 5: 210; 74 % is good (Strickland and Glogovac 1980, from memory). The worst joints count. */
    @Test
    void theHandCountsAsTheWorstOfItsHurtFingers() {
        String course = hand(LEAD, 60, "early-active");
        hurts(course, "INDEX");
        hurts(course, "MIDDLE");
        Map<String, String> index = finger("INDEX", "80", "0", "95", "15", "55", "5", "1.5");
        LEAD.post(course + "/hand", index);
        LEAD.post(course + "/hand", index);
        LEAD.post(course + "/hand", finger("MIDDLE", "85", "5", "60", "10", "60", "0"));
        LEAD.post(course + "/hand", finger("RING", "90", "0", "100", "0", "70", "0"));
        assertThat(LEAD.get(course + "/hand").body())
                .contains("210° in all, 74 %, good; 1.5 cm from tip to palm", "3 holds of 10 s, every hour")
                .contains("8:00 9:00 10:00")
                .doesNotContain("nothing of the kind is open");
        assertThat(LEAD.get(course + "/measures/readings").body()).contains("worst of index, middle");
        LEAD.post(
                course + "/hand/hurt",
                Map.of("entryId", UUID.randomUUID().toString(), "finger", "MIDDLE", "hurt", "no"));
        assertThat(LEAD.get(course + "/hand?finger=MIDDLE").body()).contains("It is hurt");
    }

    /** Nothing is dosed while everything is held. */
    @Test
    void aHeldHandHasNoDose() {
        String course = hand(LEAD, 60, "early-active");
        hurts(course, "INDEX");
        assertThat(LEAD.get(course + "/hand").body()).contains("5 holds of 10 s, every hour");
        LEAD.post(
                course + "/holds",
                Map.of(
                        "holdId",
                        UUID.randomUUID().toString(),
                        "why",
                        "hot and swollen",
                        "reviewOn",
                        RunningWaypost.TODAY.plusDays(2).toString()));
        assertThat(LEAD.get(course + "/hand").body())
                .contains("nothing of the kind is open today, so there is no dose.")
                .doesNotContain("5 holds of 10 s");
    }

    /** In the splint with passive motion only, no hurt finger is asked for its own motion. */
    @Test
    void aTendonThatMayNotPullIsNotMeasuredByItsOwnMotion() {
        String course = hand(LEAD, 10, "passive-only");
        hurts(course, "INDEX");
        assertThat(LEAD.get(course + "/hand").body())
                .contains("is not safe yet: hurt fingers are not measured", "knuckle: 40° to 100°", "Worked with:")
                .doesNotContain("name=\"mcpBent\"");
        assertThat(LEAD.post(course + "/hand", finger("INDEX", "80", "0", "95", "15", "55", "5"))
                        .body())
                .contains("is not safe yet: hurt fingers are not measured");
        assertThat(LEAD.get(course + "/measures/readings").body()).doesNotContain("worst of");
    }

    /** Before anybody has said which finger is hurt, none is measured: it might be that one. */
    @Test
    void noFingerIsMeasuredBeforeTheHurtOneIsNamed() {
        String course = hand(LEAD, 10, "passive-only");
        assertThat(LEAD.get(course + "/hand").body())
                .contains("Say first which finger is hurt")
                .doesNotContain("name=\"mcpBent\"");
        assertThat(LEAD.post(course + "/hand", finger("INDEX", "80", "0", "95", "15", "55", "5"))
                        .body())
                .contains("Nobody has said which finger is hurt");
    }

    @Test
    void whatCannotBeReadIsRefused() {
        String course = hand(LEAD, 60, "early-active");
        hurts(course, "INDEX");
        assertThat(LEAD.post(course + "/hand", finger("INDEX", "80", "0", "x", "15", "55", "5"))
                        .body())
                .contains("PIP, bent: found &#39;x&#39;, allowed: degrees such as 80.", "value=\"80\"");
        assertThat(LEAD.post(course + "/hand", finger("INDEX", "80", "0", "20", "30", "55", "5"))
                        .body())
                .contains("allowed: no more lacking than it bends");
        assertThat(LEAD.post(course + "/hand", finger("TOE", "80", "0", "20", "0", "55", "5"))
                        .body())
                .contains("problem");
        assertThat(LEAD.get(course + "/hand").body()).doesNotContain("° in all");
    }

    @Test
    void aKneeHasNoHand() {
        assertThat(Working.on(LEAD, 3).get("/hand")).contains("This course is not about a hand.");
    }

    @Test
    @Tag("browser")
    void theScarHasAClock() {
        Visitor therapist = Visitor.signedIn("therapist");
        String course = hand(therapist, 60, "early-active");
        therapist.post(
                course + "/hand/hurt",
                Map.of("entryId", UUID.randomUUID().toString(), "finger", "INDEX", "hurt", "yes"));
        therapist.post(course + "/hand", finger("INDEX", "80", "0", "95", "15", "55", "5", "1.5"));
        assertThat(therapist.get(course + "/hand").body())
                .contains("Wound closed and dry")
                .doesNotContain("hand-clock");
        therapist.postPart(
                course + "/sheet/wound-closed",
                new HashMap<>(Map.of(
                        "entryId", UUID.randomUUID().toString(), "side", "LEFT", "mode", "ACTIVE", "said", "seen")));
        try (Browser browser = new Browser()) {
            browser.size(1280, 800).signIn("therapist").open(course + "/hand");
            browser.waitForText("Along 25 s");
            assertThat(new AxeBuilder()
                            .setLegacyMode()
                            .analyze(browser.driver())
                            .getViolations())
                    .isEmpty();
            browser.press("Start");
            browser.waitForText("Along 20 s");
            browser.press("Pause");
            assertThat(browser.waitFor(By.cssSelector(".hand-scar .runner-face"))
                            .getText())
                    .isEqualTo("Along 20 s");
        }
    }
}
