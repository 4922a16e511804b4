package waypost.app.range;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import waypost.app.testing.Browser;
import waypost.app.testing.Referring;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

@Tag("served")
class StrictRangePageTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");
    private static int numbers;

    private static String shoulder(Visitor therapist, String protocol, int day) {
        Map<String, String> form = new HashMap<>(Referring.form("Reaching Person", "SR-" + ++numbers, day));
        form.keySet().removeIf(field -> field.startsWith("answer."));
        form.put("protocol", protocol);
        therapist.post("/courses", form);
        return "/courses/" + form.get("courseId");
    }

    private static Map<String, String> taken(int at, String... fields) {
        Map<String, String> form =
                new HashMap<>(Map.of("entryId", UUID.randomUUID().toString(), "at", String.valueOf(at)));
        for (int nth = 0; nth < fields.length; nth += 2) {
            form.put(fields[nth], fields[nth + 1]);
        }
        return form;
    }

    @Test
    void whatHelpedIsKeptBesideWhatGoesWithout() {
        String course = shoulder(LEAD, "shoulder.cuff-overload", 3);
        String page = LEAD.get(course + "/range").body();
        assertThat(page).contains("Both arms go up together", "The other arm at that moment");
        assertThat(LEAD.post(course + "/range", taken(0, "passive", "150", "active", "140", "strict", "120"))
                        .body())
                .contains("Without help it goes less far: tick what helped.", "value=\"140\"");
        Map<String, String> form = taken(
                0, "passive", "150", "active", "140", "strict", "120", "otherStrict", "110", "helped", "BACK_ARCHES");
        LEAD.post(course + "/range", form);
        LEAD.post(course + "/range", form);
        assertThat(LEAD.get(course + "/range").body())
                .contains("Today: moved 150, by itself 140, without help 120, the other side 110")
                .contains("Both arms go up to 110°: the worse sets it.");
        String readings = LEAD.get(course + "/measures/readings").body();
        assertThat(readings).contains("both arms on a wall: the back arches");
        assertThat(readings.split("both arms on a wall", -1)).hasSize(5);
    }

    /** Three weeks after a repair nothing is done by its own muscle, and what is moved stops at the limit. */
    @Test
    void afterARepairItIsOnlyMovedAndNoFurtherThanToday() {
        String course = shoulder(LEAD, "shoulder.cuff-repair", 25);
        String page = LEAD.get(course + "/range").body();
        assertThat(page).contains("by itself: not today").doesNotContain("name=\"active\"");
        assertThat(LEAD.post(course + "/range", taken(0, "active", "20")).body())
                .contains("By itself: not measured today.");
        assertThat(LEAD.post(course + "/range", taken(0, "passive", "179")).body())
                .contains("Found 179°, today no further than");
        assertThat(LEAD.post(course + "/range", taken(0, "passive", "x")).body())
                .contains("Found &#39;x&#39;, allowed: a number such as 120, or nothing.");
        assertThat(LEAD.post(course + "/range", taken(77, "passive", "20")).body())
                .contains("Found no such posture: choose one");
        assertThat(LEAD.get(course + "/measures/readings").body()).doesNotContain("both arms on a wall");
    }

    @Test
    void aKneeHasNone() {
        assertThat(Working.on(LEAD, 3).get("/range")).contains("This course is not about a shoulder");
    }

    @Test
    @Tag("browser")
    void itLeadsFromPostureToPosture() {
        Visitor therapist = Visitor.signedIn("therapist");
        String course = shoulder(therapist, "shoulder.cuff-overload", 3);
        try (Browser browser = new Browser()) {
            browser.size(1280, 800).signIn("therapist").open(course + "/range");
            browser.waitForText("Both arms go up together");
            browser.waitFor(By.name("passive")).sendKeys("150");
            browser.waitFor(By.name("active")).sendKeys("150");
            browser.waitFor(By.name("strict")).sendKeys("150");
            browser.press("Keep it and go on");
            browser.waitForText("Today: moved 150");
            assertThat(browser.waitFor(By.cssSelector("[aria-current=step] a")).getText())
                    .isEqualTo("Shoulder abduction");
        }
    }
}
