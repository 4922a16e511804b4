package waypost.app;

import java.nio.file.Path;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import waypost.app.testing.Browser;
import waypost.app.testing.DemoCourses;

/** Draws docs/screenshots/ from the demo clinic: {@code ./waypost shots}. */
@Tag("shots")
class ShotsTest {

    private static final Path FOLDER = Path.of("..", "docs", "screenshots");
    private static final String COMPARED =
            "/shelf/compare?left=shoulder.replacement-anatomic&right=shoulder.replacement-reverse&dayZero=2031-02-10"
                    + "&on=2031-03-24";

    @Test
    void drawsEveryMainView() {
        UUID ottoline = DemoCourses.of("Ottoline Brandreth");
        UUID isaura = DemoCourses.of("Isaura Bonnet");
        try (Browser browser = new Browser()) {
            shot(browser.signIn("therapist").open("/today"), "today");
            shot(browser.open("/courses/" + ottoline + "?rung=single-leg-squat/operated"), "way");
            shot(browser.open("/courses/" + ottoline + "/measures"), "measures");
            shot(browser.open("/courses/" + isaura + "/milestones"), "milestones");
            browser.open("/courses/" + ottoline + "/measures/trends")
                    .until(page -> !page.findElements(By.cssSelector(".trend-drawing svg path"))
                            .isEmpty());
            shot(browser, "trends");
            shot(browser.open("/caseload"), "caseload");
            shot(browser.open("/courses/" + ottoline + "/check-in"), "check-in");
            shot(browser.open("/courses/" + ottoline + "/programs"), "programs");
            browser.open("/courses/" + ottoline + "/check-in");
            browser.click(By.cssSelector("input[name=painNow][value='1']"));
            browser.click(By.cssSelector("input[name=swelling][value=NONE]"));
            browser.click(By.cssSelector("button[name=asked][value=none]"));
            browser.waitFor(By.cssSelector(".check-in-outcome"));
            shot(browser.open("/courses/" + ottoline + "/work"), "work");
            shot(browser.open("/courses/" + ottoline + "/run?role=bike-easy/both"), "runner");
            shot(browser.open("/courses/" + ottoline + "/walk?way=TURN"), "walk");
            browser.open("/courses/" + ottoline + "/week?of=2031-04-07");
            browser.press("Spread as the doses say");
            browser.waitForText("as its dose says");
            shot(browser, "week");
            shot(browser.open("/shelf"), "shelf");
            shot(browser.open(COMPARED), "compare");
            shotsAtHome(browser, "/courses/" + ottoline + "/home");
            shot(browser.open("/courses/" + ottoline + "/return?station=quadriceps-90"), "return");
            paper(browser);
        }
    }

    /** What goes home: on paper, and on the patient's telephone. */
    private static void shotsAtHome(Browser browser, String home) {
        browser.open(home).press("Write the program");
        browser.waitForText("holds until");
        shot(browser.open(home + "/print"), "home");
        browser.open(home + "/link").press("Make a new link");
        String link = browser.waitFor(By.cssSelector("main code")).getText();
        browser.size(390, 844).open(link.substring(link.indexOf("/home#")));
        browser.type("day", "6");
        browser.type("month", "5");
        browser.type("year", "1996");
        browser.click(By.cssSelector("#door button"));
        browser.click(By.id("none"));
        shot(browser, "patient");
        browser.size(1280, 800);
    }

    /** A surgeon's page as it is typed in, with a question and a line that stays open. */
    private static void paper(Browser browser) {
        browser.open("/papers").type("title", "Meniscus repair, Dr Halloway");
        browser.choose("base", "knee.meniscus-repair");
        browser.choose("joint", "KNEE");
        browser.press("Begin");
        browser.type(
                "lines",
                "NWB 4 wks then 50% WB until 8 wks, then FWB\nbrace locked in ext. 2 wks, out for hygiene\n"
                        + "PROM 0-90 x 4-6 wks\nno active hamstring x 8 wks\nbike wk 8\nno runing until 5 months\n"
                        + "protect the repair");
        browser.press("Keep and read");
        browser.waitForText("Not understood.");
        shot(browser, "paper");
        browser.click(By.linkText("On the map"));
        browser.waitFor(By.cssSelector(".desk-post"));
        browser.driver()
                .findElement(By.cssSelector(".desk-post[data-key='phases/walk/earliest']"))
                .sendKeys(Keys.chord(Keys.SHIFT, Keys.ARROW_RIGHT), Keys.ENTER);
        browser.waitForText("otherwise than below");
        browser.waitFor(By.cssSelector(".desk-post.moved"));
        shot(browser, "desk");
    }

    private static void shot(Browser browser, String name) {
        browser.picture(FOLDER.resolve(name + ".png"));
    }
}
