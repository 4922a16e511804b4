package waypost.app.gait;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.selenium.AxeBuilder;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.interactions.Actions;
import waypost.app.testing.Browser;
import waypost.app.testing.Referring;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** Walking as a course has it today. */
@Tag("served")
public class GaitTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");
    private static int numbers;

    /** A replaced hip of so many days ago, on the left. */
    public static String hip(Visitor therapist, String approach) {
        Map<String, String> form = new HashMap<>(Referring.form("Walking Person", "GT-" + ++numbers, 2));
        form.keySet().removeIf(field -> field.startsWith("answer."));
        form.putAll(Map.of(
                "protocol", "hip.replacement",
                "operation", "hip replacement",
                "answer.operation", "first",
                "answer.side-muscles", "none",
                "answer.bone", "none",
                "answer.precautions", "set",
                "answer.duration", "twelve",
                "answer.block", "none",
                "answer.weight", "as-tolerated"));
        if (!approach.isEmpty()) {
            form.put("answer.approach", approach);
        }
        therapist.post("/courses", form);
        return "/courses/" + form.get("courseId");
    }

    /** Posterior away from the operated left side; anterior round with that foot first; unknown by every rule. */
    @ParameterizedTest
    @CsvSource({
        "posterior,'Turn to the right, away from the operated side, in small steps'",
        "anterior,'Turn to the left, the operated foot first, in small steps'",
        "'','Turn to the right, away from the operated side, in very small steps'"
    })
    void theApproachTellsHowToTurn(String approach, String says) {
        assertThat(LEAD.get(hip(LEAD, approach) + "/walk?way=TURN").body()).contains(says);
    }

    @Test
    void whatDoesNotGoWithTheWeightIsNotShown() {
        Working root = Working.on(LEAD, 3, "answer.meniscus-repair", "root");
        assertThat(root.get("/walk?aid=CANE&pattern=TWO_POINT&way=STAIRS_UP"))
                .contains("at most 20 % of body weight", "The frame forward, all four legs down.")
                .doesNotContain("value=\"CANE\"", "value=\"TWO_POINT\"", "stairs up");
    }

    /** The weight would do for a cane on day 2; the protocol opens it later. */
    @Test
    void anAidIsTakenAwayWhenTheProtocolOpensIt() {
        assertThat(LEAD.get(hip(LEAD, "posterior") + "/walk?aid=CANE").body())
                .contains("value=\"TWO_CRUTCHES\" selected", "Not open yet: one crutch, cane.")
                .doesNotContain("value=\"CANE\"", "value=\"NONE\"");
        assertThat(Working.beginner(LEAD, 3).get("/walk"))
                .contains("value=\"NONE\" selected")
                .doesNotContain("Not open yet");
    }

    /** A knee has no rule of the hip, and nobody is told one. */
    @Test
    void aKneeTurnsInSmallSteps() {
        Working knee = Working.on(LEAD, 3);
        assertThat(knee.get("/walk?way=TURN"))
                .contains("Turn to the right, in small steps: lift each foot")
                .doesNotContain("never turns in");
        assertThat(knee.checkedIn().get("/transfer?what=bed-edge"))
                .doesNotContain("leg and pelvis as one", "The hip bends to");
    }

    /** From above and from the side; who turns round is seen from above. A hip that may not go behind is not walked past. */
    @Test
    void theBodyIsSeenFromTheSide() {
        String posterior = hip(LEAD, "posterior");
        assertThat(LEAD.get(posterior + "/walk").body())
                .contains("From the side: Both crutches forward.", "From above: Both crutches forward.");
        assertThat(LEAD.get(posterior + "/walk?way=TURN").body())
                .contains("From above: ")
                .doesNotContain("class=\"gait-side\"");
    }

    @Test
    void anArmHasNoWalk() {
        Map<String, String> form = new HashMap<>(Referring.form("Walking Person", "GT-" + ++numbers, 2));
        form.keySet().removeIf(field -> field.startsWith("answer."));
        form.put("protocol", "shoulder.cuff-repair");
        LEAD.post("/courses", form);
        assertThat(LEAD.get("/courses/" + form.get("courseId") + "/walk").status())
                .isEqualTo(404);
    }

    @Test
    @Tag("browser")
    void theStageFollowsTheBoard() {
        Visitor therapist = Visitor.signedIn("therapist");
        try (Browser browser = new Browser()) {
            browser.size(1280, 800).signIn("therapist").open(hip(therapist, "posterior") + "/walk?way=TURN");
            assertThat(new AxeBuilder()
                            .setLegacyMode()
                            .analyze(browser.driver())
                            .getViolations())
                    .isEmpty();
            browser.waitForText("Ready: upright");
            new Actions(browser.driver()).sendKeys(Keys.ARROW_RIGHT).perform();
            String first = browser.waitFor(By.cssSelector(".gait-says")).getText();
            assertThat(first)
                    .isEqualTo(browser.driver()
                            .findElement(By.cssSelector(".gait-board li:nth-child(2) p"))
                            .getText());
            browser.press("Play");
            browser.until(driver ->
                    !driver.findElement(By.cssSelector(".gait-says")).getText().equals(first));
            browser.press("Pause");
        }
    }

    @Test
    void theAidIsFittedToThePerson() {
        Visitor lead = Visitor.signedIn("upriver");
        String walk = hip(lead, "posterior") + "/walk";
        assertThat(lead.get(walk).body()).contains("crease of the wrist").doesNotContain("gait-limb");
        assertThat(lead.get(walk + "?crease=84&stature=175").body())
                .contains("Set the handle to 84 cm, then look at the elbow: 15 to 30°.", "gait-limb");
        assertThat(lead.get(walk + "?crease=84&stature=175&elbow=45").body())
                .contains("lower it by about 3 cm, to 81 cm.");
        assertThat(lead.get(walk + "?crease=&stature=175").body()).contains("allowed: a number such as 84.");
        assertThat(lead.get(walk + "?crease=NaN&stature=1e999").body()).contains("allowed: a number such as 84.");
        assertThat(lead.get(walk + "?crease=300&stature=175").body()).contains("allowed: 40.0 to 120.0 cm.");
    }
}
