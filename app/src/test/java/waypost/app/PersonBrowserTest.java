package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import waypost.app.testing.Browser;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** A patient with more than one course, as a therapist goes through them. */
@Tag("browser")
class PersonBrowserTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final String SHOULDER_SAYS = "Right side, rotator cuff repair: ";

    private static Browser browser;
    private static int numbers;

    private final String number = "PB-" + ++numbers;
    private final String knee = open(Referring.form("Bothways Person", number, 200));

    @BeforeAll
    static void signIn() {
        browser = new Browser().signIn("therapist");
    }

    @AfterAll
    static void close() {
        browser.close();
    }

    private static String open(Map<String, String> form) {
        Visitor.Answer answer = THERAPIST.post("/courses", form);
        assertThat(answer.status()).as(answer.body()).isEqualTo(302);
        return "/courses/" + form.get("courseId");
    }

    /** Opens a course of the same patient from the page of the first, and returns its address. */
    private String second(String protocol, String operation, int daysAgo) {
        browser.open(knee + "/patient");
        browser.press("Open another course for this patient");
        assertThat(browser.value("patientName")).isEqualTo("Bothways Person");
        assertThat(browser.value("number")).isEqualTo(number);
        browser.choose("protocol", protocol);
        browser.waitForText("What the note says besides");
        browser.type("operation", operation);
        browser.tick("side", "right");
        if (protocol.equals("knee.ligament-reconstruction")) {
            browser.tick("answer.ligament", "anterior");
        }
        browser.date("dayZero", RunningWaypost.TODAY.minusDays(daysAgo).toString());
        browser.type("surgeon", "Dr Halloway");
        browser.press("Read it back");
        browser.waitForText("Read it back before it counts");
        browser.type("sideAgain", "right");
        browser.press("Sign and open the course");
        browser.waitForText("Ladders");
        String opened = browser.driver().getCurrentUrl();
        return opened.substring(opened.indexOf("/courses/"));
    }

    private String shoulder() {
        return second("shoulder.cuff-repair", "rotator cuff repair", 10);
    }

    private static String sign(String exercise) {
        browser.waitForText("Ladders");
        return browser.driver()
                .findElement(By.cssSelector("#rack a.sign[data-role^='" + exercise + "/']"))
                .getDomAttribute("class");
    }

    private static String panel(String course, String role) {
        browser.open(course + "?rung=" + role);
        return browser.waitFor(By.id("rung")).getText();
    }

    @Test
    void theShoulderClosesTheCrutchesAndTheSideLainOnAndBothPagesSayWhichCourse() {
        assertThat(panel(knee, "walk-crutches/both")).doesNotContain(SHOULDER_SAYS);
        assertThat(panel(knee, "clam/operated")).doesNotContain(SHOULDER_SAYS);

        shoulder();

        assertThat(panel(knee, "walk-crutches/both")).contains(SHOULDER_SAYS);
        assertThat(panel(knee, "clam/operated")).contains(SHOULDER_SAYS);
        browser.open(knee);
        browser.press("2 courses");
        browser.waitForText("Courses of this patient");
        assertThat(browser.text()).contains("left · knee ligament reconstruction", "right · rotator cuff repair");
    }

    @Test
    void bothKneesAreJudgedTogether() {
        browser.open(knee);
        assertThat(sign("box-squat")).isNotEqualTo("sign barred");

        String other = second("knee.ligament-reconstruction", "knee ligament reconstruction", 5);

        assertThat(panel(knee, "box-squat/both")).contains("Right side, knee ligament reconstruction: ");
        browser.open(knee);
        assertThat(sign("box-squat")).isEqualTo("sign barred");
        browser.open(other);
        assertThat(sign("quad-set")).isEqualTo("sign open");
    }

    @Test
    void aFallIsEnteredInWordsAndLookedAfterByName() {
        browser.open(knee);
        assertThat(sign("quad-set")).isEqualTo("sign open");

        browser.press("Events");
        browser.choose("what", "fall");
        browser.type("words", "slipped on wet stairs");
        browser.press("Keep it");
        browser.waitForText("slipped on wet stairs");

        assertThat(panel(knee, "quad-set/operated")).contains("not looked after yet: slipped on wet stairs");
        browser.open(knee);
        assertThat(sign("quad-set")).isEqualTo("sign on-hold");
        browser.waitForText("Fall, not looked after: slipped on wet stairs");

        browser.press("Events");
        browser.type("found", "stable, no new swelling");
        browser.press("It has been looked after");
        browser.waitForText("stable, no new swelling");

        browser.open(knee);
        assertThat(browser.text()).doesNotContain("not looked after");
        assertThat(panel(knee, "quad-set/operated")).doesNotContain("not looked after");
    }

    @Test
    void aFlagInOneCourseStopsBoth() {
        String shoulder = shoulder();
        browser.open(knee);
        assertThat(sign("quad-set")).isEqualTo("sign open");

        browser.open(shoulder + "/check-in");
        browser.tick("painNow", "1");
        browser.click(By.cssSelector("input[name=swelling][value=NONE]"));
        browser.tick("flag", "breathless");
        browser.click(By.cssSelector("button[name=asked][value=true]"));
        browser.waitForText("Stopped. No treatment today.");

        browser.open(knee);
        browser.waitForText("All work on hold: red flag");
        assertThat(sign("quad-set")).isEqualTo("sign on-hold");
        assertThat(panel(knee, "quad-set/operated")).contains(SHOULDER_SAYS + "On hold since");
    }
}
