package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import waypost.app.testing.Browser;
import waypost.app.testing.RunningWaypost;

/** A therapist's first way in a browser: from signing in to a signed advance. */
@Tag("browser")
class JourneyTest {

    @Test
    void fromSignInToASignedAdvance() {
        try (Browser browser = new Browser()) {
            browser.signIn("therapist");
            enterReferral(browser);
            readItBack(browser);
            assertThat(browser.text()).contains("Day 14", "Quiet it", "Cartilage repair? not stated");
            openARung(browser);
            measureUntilAMilestoneFlips(browser);
            signTheAdvance(browser);
            answerTheOpenQuestion(browser);
        }
    }

    private static void enterReferral(Browser browser) {
        browser.press("New course");
        browser.type("patientName", "Halvard Brooke");
        browser.choose("protocol", "knee.ligament-reconstruction");
        browser.waitForText("Which graft was used?");
        assertThat(browser.value("patientName")).isEqualTo("Halvard Brooke");
        browser.date("birthDate", "1988-09-12");
        browser.type("number", "5001");
        browser.type("operation", "knee ligament reconstruction");
        browser.tick("side", "right");
        browser.date("dayZero", RunningWaypost.TODAY.minusDays(14).toString());
        browser.type("surgeon", "Dr Halloway");
        browser.tick("answer.ligament", "anterior");
        browser.tick("answer.graft", "hamstring");
        browser.tick("answer.meniscus-repair", "none");
        browser.tick("answer.collateral-repair", "none");
        browser.press("Read it back");
        browser.waitForText("Read it back before it counts");
        assertThat(browser.text()).contains("not stated: the stricter rule applies", "Thu 20 Mar 2031");
    }

    private static void readItBack(Browser browser) {
        browser.type("sideAgain", "left");
        browser.press("Sign and open the course");
        browser.waitForText("Read the operation note again: left or right?");
        browser.type("sideAgain", "right");
        browser.press("Sign and open the course");
        browser.waitForText("Ladders");
    }

    private static void openARung(Browser browser) {
        browser.click(By.cssSelector("a.sign[href*='wall-squat']"));
        browser.waitForText("Belongs to the phase \"Straight and bending\"; signed so far: \"Quiet it\".");
        assertThat(browser.text()).contains("Slide down until you could just perch");
    }

    private static void measureUntilAMilestoneFlips(Browser browser) {
        browser.press("Milestones");
        browser.waitForText("Extension within 5° of the other side");
        assertThat(browser.text()).contains("not measured");
        read(browser, "range.KNEE_FLEXION", "0-0-142", "LEFT");
        read(browser, "range.KNEE_FLEXION", "0-0-98", "RIGHT");
        read(browser, "knee-effusion", "much", "RIGHT");
        browser.waitForText("found 'much', allowed: zero, trace, 1+, 2+, 3+");
        browser.type("said", "trace");
        browser.press("Put on record");
        browser.waitForText("Knee effusion, stroke test right, operated trace");
        browser.press("Milestones");
        browser.waitForText("98° on Thu 3 Apr 2031.");
        assertThat(browser.text()).doesNotContain("not measured");
    }

    private static void read(Browser browser, String measure, String said, String side) {
        browser.press("Measures");
        browser.press("Readings");
        browser.waitForText("Add a reading of any day");
        browser.choose("measure", measure);
        browser.type("said", said);
        browser.choose("side", side);
        browser.press("Put on record");
        browser.waitForText(said.equals("much") ? "found" : "knee".equals(measure) ? said : "Mar");
    }

    private static void signTheAdvance(Browser browser) {
        browser.press("Sign the advance");
        browser.waitForText("Into One leg");
        browser.press("Record");
        browser.waitForText("What happened, newest first");
        assertThat(browser.text())
                .contains("Advance from \"Quiet it\" into \"Straight and bending\" on Thu 3 Apr 2031, day 14.")
                .contains("Bend of 90°: met. 98° on Thu 3 Apr 2031.")
                .contains("signed · ");
        assertThat(signOf(browser, "wall-squat")).isEqualTo("sign barred");
    }

    /** The note said nothing of the cartilage, so weight stays barred until somebody answers and signs. */
    private static void answerTheOpenQuestion(Browser browser) {
        browser.press("Referral");
        browser.waitForText("What the note says besides");
        browser.tick("answer.cartilage-repair", "none");
        browser.type("why", "operation note read again");
        browser.press("Show before and after");
        browser.waitForText("Will stand");
        browser.type("sideAgain", "right");
        browser.press("Sign the change");
        browser.waitForText("Ladders");
        assertThat(signOf(browser, "wall-squat")).isEqualTo("sign open");
    }

    private static String signOf(Browser browser, String exercise) {
        browser.waitFor(By.cssSelector("nav.tabs a")).click();
        browser.waitForText("Ladders");
        return browser.waitFor(By.cssSelector("a.sign[href*='" + exercise + "']"))
                .getDomAttribute("class");
    }
}
