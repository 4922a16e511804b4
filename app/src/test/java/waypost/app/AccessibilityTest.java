package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.results.Rule;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import waypost.app.testing.Browser;
import waypost.app.testing.DemoCourses;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** No page has a serious accessibility fault: with full data, an open panel, an error, and empty. */
@Tag("browser")
class AccessibilityTest {

    private static final List<String> SERIOUS = List.of("serious", "critical");

    private static void check(Browser browser, String what) {
        List<String> faults = new AxeBuilder()
                .setLegacyMode().analyze(browser.driver()).getViolations().stream()
                        .filter(rule -> SERIOUS.contains(rule.getImpact()))
                        .map(AccessibilityTest::said)
                        .toList();
        assertThat(faults).as(what).isEmpty();
        Object overflow = browser.driver()
                .executeScript("return document.documentElement.scrollWidth - document.documentElement.clientWidth");
        assertThat(overflow).as("sideways overflow of " + what).isEqualTo(0L);
    }

    private static String said(Rule rule) {
        return rule.getId() + ": " + rule.getHelp() + " at "
                + rule.getNodes().stream()
                        .map(node -> node.getTarget().toString())
                        .limit(3)
                        .toList();
    }

    @Test
    void everyPageWithDemoData() {
        UUID ottoline = DemoCourses.of("Ottoline Brandreth");
        Working visit = Working.on(Visitor.signedIn("therapist"), 52).checkedIn();
        visit.log(visit.set("heel-slide/operated", 10, 7));
        try (Browser browser = new Browser()) {
            check(browser.open("/sign-in"), "sign-in");
            browser.signIn("lead");
            for (String path : List.of(
                    "/today",
                    "/today?view=dense",
                    "/shelf",
                    "/shelf/knee.ligament-reconstruction?rung=quad-set/operated",
                    "/shelf/compare?left=knee.meniscus-repair&right=knee.ligament-reconstruction",
                    "/shelf/exercises/quad-set",
                    "/theme",
                    "/courses/new",
                    "/courses/" + ottoline + "?view=far",
                    visit.path() + "/work?role=heel-slide/operated",
                    "/courses/" + ottoline + "/wrap-up",
                    "/courses/" + ottoline + "/plan",
                    "/courses/" + ottoline + "/plan/print",
                    "/courses/" + ottoline + "/blocks",
                    "/courses/" + ottoline + "/home",
                    "/courses/" + ottoline + "/home/print",
                    "/courses/" + ottoline + "/home/link",
                    "/courses/" + ottoline + "/home/messages",
                    "/clinic/phone",
                    "/clinic/outbox",
                    "/courses/" + ottoline + "/teach-back",
                    "/courses/" + ottoline + "/treatment",
                    "/courses/" + ottoline + "/range",
                    "/courses/" + ottoline + "/walk",
                    "/surgeons",
                    "/courses/" + ottoline + "/hand",
                    "/courses/" + ottoline + "/movement",
                    "/courses/" + ottoline + "/sport",
                    "/courses/" + ottoline + "/week",
                    "/courses/" + ottoline + "/other-side",
                    "/own-exercises",
                    "/caseload",
                    "/own-exercises/new?model=goblet-squat",
                    "/courses/" + ottoline + "/what-if",
                    "/clinic",
                    "/courses/" + ottoline,
                    "/courses/" + ottoline + "?rung=single-leg-squat/operated",
                    "/courses/" + ottoline + "?on=2031-09-01&outlook=TO_PLAN",
                    "/courses/" + ottoline + "/measures",
                    "/courses/" + ottoline + "/measures/readings",
                    "/courses/" + ottoline
                            + "/measures?also=lower-extremity-score&also=reach-composite&also=thigh-girth",
                    "/courses/" + ottoline + "/check-in",
                    "/courses/" + ottoline + "/exercise-sets",
                    "/courses/" + ottoline + "/prescription?role=heel-slide/operated",
                    "/courses/" + ottoline + "/measures/trends",
                    "/courses/" + ottoline + "/measures/files",
                    "/courses/" + ottoline + "/return?station=quadriceps-90",
                    "/courses/" + ottoline + "/programs",
                    "/courses/" + ottoline + "/reports",
                    "/bench/seat",
                    "/bench/weight-bearing",
                    "/bench/cuff",
                    "/courses/" + ottoline + "/milestones",
                    "/courses/" + ottoline + "/referral",
                    "/courses/" + ottoline + "/record",
                    "/courses/" + DemoCourses.of("Ambrose Vail"),
                    "/courses/" + DemoCourses.of("Ambrose Vail") + "/milestones",
                    "/courses/" + DemoCourses.of("Teodor") + "?rung=heel-slide/operated")) {
                check(browser.open(path), path);
            }
        }
    }

    @Test
    void theDesk() {
        UUID id = UUID.randomUUID();
        Visitor.signedIn("upriver")
                .post(
                        "/papers",
                        Map.of(
                                "entryId",
                                id.toString(),
                                "title",
                                "Looked at",
                                "base",
                                "hip.replacement",
                                "joint",
                                "hip"));
        try (Browser browser = new Browser()) {
            browser.signIn("upriver").open("/papers/" + id + "/desk?at=limits/revision.weight/steps/1&file=protocol");
            browser.waitForText("Open here, not below");
            browser.waitForText("Nothing that is not found below too.");
            check(browser, "the desk with a chosen post and its text");
            check(browser.size(820, 1180).open("/papers/" + id + "/desk"), "the desk on a tablet");
            check(browser.open("/papers"), "papers");
            check(browser.open("/versions"), "versions");
        }
    }

    @Test
    void theMainViewsInTheDarkTheme() {
        UUID ottoline = DemoCourses.of("Ottoline Brandreth");
        try (Browser browser = new Browser()) {
            browser.scheme("dark").signIn("therapist");
            for (String path :
                    List.of("/today", "/shelf", "/courses/" + ottoline + "?rung=single-leg-squat/operated")) {
                check(browser.open(path), path + ", dark");
            }
        }
    }

    @Test
    void panelsErrorsAndEmptyPages() {
        UUID caspar = DemoCourses.of("Caspar Idemudia");
        try (Browser browser = new Browser()) {
            browser.signIn("therapist").open("/courses/" + caspar);
            browser.waitFor(By.cssSelector("details.legend summary")).click();
            browser.waitFor(By.cssSelector("a.sign[href*='long-arc-band']")).click();
            browser.waitForText("added load");
            check(browser, "legend and panel open");
            browser.open("/courses/" + caspar + "/measures/readings").type("said", "0-0-999");
            browser.press("Put on record");
            browser.waitForText("allowed");
            check(browser, "a refused reading");
            browser.open("/courses/new").press("Read it back");
            check(browser.open("/today?on=2035-01-01"), "an empty day");
            check(browser.open("/nowhere"), "nothing here");
            check(browser.size(820, 1180).open("/courses/" + caspar), "way on a tablet");
            check(browser.open("/today"), "today on a tablet");
            check(browser.size(390, 844).open("/today"), "today on a phone");
        }
    }
}
