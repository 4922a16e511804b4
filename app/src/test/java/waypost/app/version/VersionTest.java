package waypost.app.version;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.selenium.AxeBuilder;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Browser;
import waypost.app.testing.Referring;
import waypost.app.testing.Visitor;

/** A clinic's protocol gets a later version, and running courses follow it only when that is signed. */
@Tag("served")
class VersionTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");
    private static final Visitor OTHERS = Visitor.signedIn("therapist");

    private static String shown(String page) {
        Matcher hash =
                Pattern.compile("name=\"shown\" value=\"([0-9a-f]{64})\"").matcher(page);
        assertThat(hash.find()).isTrue();
        return hash.group(1);
    }

    private static String begun(String title) {
        UUID id = UUID.randomUUID();
        LEAD.post(
                "/papers",
                Map.of("entryId", id.toString(), "title", title, "base", "knee.meniscus-repair", "joint", "knee"));
        return "/papers/" + id;
    }

    /** The next revision, signed; gives its number. */
    private static void signed(String paper, int revision, String... lines) {
        LEAD.post(paper, Map.of("revision", String.valueOf(revision), "lines", String.join("\n", lines)));
        LEAD.post(paper + "/steps", Map.of("revision", String.valueOf(revision + 1), "kind", "TO_REVIEW"));
        String hash = shown(LEAD.get(paper + "/check").body());
        assertThat(LEAD.post(paper + "/signature", Map.of("shown", hash)).status())
                .isEqualTo(302);
    }

    private static String referred(String paper, String name, int day) {
        Map<String, String> form = new HashMap<>(Referring.form(name, "VS-" + UUID.randomUUID(), day));
        form.keySet().removeIf(field -> field.startsWith("answer."));
        form.putAll(Map.of(
                "protocol",
                "own." + paper.substring("/papers/".length(), "/papers/".length() + 8),
                "operation",
                "meniscus repair"));
        LEAD.post("/courses", form);
        return "/courses/" + form.get("courseId");
    }

    private static String bike(String course) {
        return LEAD.get(course + "/rungs/bike-easy/both")
                .body()
                .replaceAll("[0-9a-f]{8}-[0-9a-f-]{27}|name=\"_csrf\" value=\"[^\"]*\"", "");
    }

    @Test
    void aRunningCourseStaysUntilItIsSigned() {
        String paper = begun("Meniscus, Dr Later");
        signed(paper, 1, "stationary bike at 12 weeks");
        String course = referred(paper, "Following Person", 60);
        assertThat(LEAD.get(course + "/version").body())
                .contains("This course is on the last version of its protocol.");
        String before = bike(course);

        signed(paper, 2, "stationary bike at 16 weeks");
        assertThat(bike(course)).isEqualTo(before);
        assertThat(LEAD.get("/versions").body()).contains("Following Person");
        String page = LEAD.get(course + "/version").body();
        assertThat(page).contains("Over the days to come").doesNotContain("Nothing differs on any day to come.");

        assertThat(LEAD.post(course + "/version", Map.of("shown", "0".repeat(64)))
                        .body())
                .contains("It is not what was shown any more.");
        assertThat(bike(course)).isEqualTo(before);

        assertThat(LEAD.post(course + "/version", Map.of("shown", shown(page))).status())
                .isEqualTo(302);
        assertThat(bike(course)).isNotEqualTo(before);
        assertThat(LEAD.get(course + "/version").body())
                .contains("This course is on the last version of its protocol.");
        assertThat(LEAD.get("/versions").body()).doesNotContain("Following Person");
        assertThat(LEAD.get(course + "/record").body()).contains("it is followed from now on");
    }

    @Test
    @Tag("browser")
    void theListAndTheDifferenceAreClean() {
        String paper = begun("Meniscus, Dr Seen");
        signed(paper, 1, "stationary bike at 12 weeks");
        String course = referred(paper, "Seen Person", 60);
        signed(paper, 2, "stationary bike at 16 weeks");
        try (Browser browser = new Browser().size(1280, 800).signIn("upriver")) {
            for (String place : List.of(course + "/version", "/versions", "/papers/file")) {
                browser.open(place);
                assertThat(new AxeBuilder()
                                .setLegacyMode()
                                .analyze(browser.driver())
                                .getViolations())
                        .as(place)
                        .isEmpty();
            }
        }
    }

    /** What lies behind a patient changes nothing for them: those are signed at once, the others are not. */
    @Test
    void allForWhomNothingChangesFollowAtOnce() {
        String paper = begun("Meniscus, Dr Past");
        signed(paper, 1, "NWB 2 wks then FWB");
        String past = referred(paper, "Unchanged Person", 200);
        String early = referred(paper, "Changed Person", 3);
        signed(paper, 2, "NWB 3 wks then FWB");
        assertThat(LEAD.get(past + "/version").body()).contains("Nothing changes for this patient.");
        assertThat(LEAD.get(early + "/version").body()).doesNotContain("Nothing changes for this patient.");
        assertThat(LEAD.post("/versions", Map.of()).status()).isEqualTo(302);
        assertThat(LEAD.get("/versions").body()).contains("Changed Person").doesNotContain("Unchanged Person");
    }

    @Test
    void nobodyElseSeesOrSignsIt() {
        String paper = begun("Meniscus, Dr Own");
        signed(paper, 1, "stationary bike at 12 weeks");
        String course = referred(paper, "Guarded Person", 60);
        signed(paper, 2, "stationary bike at 16 weeks");
        assertThat(OTHERS.get(course + "/version").status()).isEqualTo(404);
        assertThat(OTHERS.get("/versions").body()).doesNotContain("Guarded Person");
        assertThat(Visitor.signedIn("surgeon")
                        .post(course + "/version", Map.of("shown", "x"))
                        .status())
                .isEqualTo(404);
        assertThat(Visitor.signedIn("assistant").post("/versions", Map.of()).status())
                .isEqualTo(403);
    }

    /** A draft, or a paper in review, is no version. */
    @Test
    void onlyWhatIsSignedIsAVersion() {
        String paper = begun("Meniscus, Dr Draft");
        signed(paper, 1, "stationary bike at 12 weeks");
        String course = referred(paper, "Waiting Person", 60);
        LEAD.post(paper, Map.of("revision", "2", "lines", "stationary bike at 16 weeks"));
        assertThat(LEAD.get("/versions").body()).doesNotContain("Waiting Person");
        LEAD.post(paper + "/steps", Map.of("revision", "3", "kind", "TO_REVIEW"));
        assertThat(LEAD.get(course + "/version").body())
                .contains("This course is on the last version of its protocol.");
    }
}
