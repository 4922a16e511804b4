package waypost.app.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Referring;
import waypost.app.testing.Visitor;

/** A surgeon's paper from the first line to the course that follows it, over HTTP, in a clinic of its own. */
@Tag("served")
class PaperTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");
    private static final Visitor OTHERS = Visitor.signedIn("therapist");

    private static String begun(String title) {
        UUID id = UUID.randomUUID();
        Visitor.Answer answer = LEAD.post(
                "/papers",
                Map.of("entryId", id.toString(), "title", title, "base", "knee.meniscus-repair", "joint", "knee"));
        assertThat(answer.location()).endsWith("/papers/" + id);
        return "/papers/" + id;
    }

    private static Visitor.Answer write(String paper, int revision, String... lines) {
        return LEAD.post(paper, Map.of("revision", String.valueOf(revision), "lines", String.join("\n", lines)));
    }

    private static Visitor.Answer step(String paper, int revision, String kind) {
        return LEAD.post(paper + "/steps", Map.of("revision", String.valueOf(revision), "kind", kind));
    }

    private static String shown(String page) {
        Matcher hash =
                Pattern.compile("name=\"shown\" value=\"([0-9a-f]{64})\"").matcher(page);
        assertThat(hash.find()).isTrue();
        return hash.group(1);
    }

    private static String signed(String title, String... lines) {
        String paper = begun(title);
        write(paper, 1, lines);
        step(paper, 2, "TO_REVIEW");
        String page = LEAD.get(paper + "/check").body();
        assertThat(LEAD.post(paper + "/signature", Map.of("shown", shown(page))).status())
                .isEqualTo(302);
        return paper;
    }

    private static String protocol(String paper) {
        return "own." + paper.substring("/papers/".length(), "/papers/".length() + 8);
    }

    private static Map<String, String> referral(String protocol) {
        Map<String, String> form = new HashMap<>(Referring.form("Paper Person", "PP-" + UUID.randomUUID(), 60));
        form.keySet().removeIf(field -> field.startsWith("answer."));
        form.putAll(Map.of("protocol", protocol, "operation", "meniscus repair"));
        return form;
    }

    @Test
    void aPaperBecomesAProtocolThatACourseFollows() {
        String paper = signed(
                "Meniscus, Dr Nobody", "NWB 4 wks then 50% WB until 8 wks, then FWB", "stationary bike at 10 weeks");
        assertThat(LEAD.get(paper).body()).contains("signed and published");
        assertThat(LEAD.get("/courses/new").body()).contains("Meniscus, Dr Nobody");

        Map<String, String> form = referral(protocol(paper));
        assertThat(LEAD.post("/courses", form).location()).endsWith("/courses/" + form.get("courseId"));
        String rung = LEAD.get("/courses/" + form.get("courseId") + "/rungs/bike-easy/both")
                .body();
        assertThat(rung).contains("Not yet, as this surgeon writes: stationary bike");
    }

    @Test
    void whatIsHandedInWaitsOnToday() {
        String paper = begun("Waiting on Today");
        write(paper, 1, "NWB 6 wks");
        assertThat(LEAD.get("/papers/waiting").body()).doesNotContain("Waiting on Today");
        step(paper, 2, "TO_REVIEW");
        assertThat(LEAD.get("/papers/waiting").body()).contains("Waiting on Today", "revision 2");
        step(paper, 2, "BACK");
        assertThat(LEAD.get("/papers/waiting").body()).doesNotContain("Waiting on Today");
    }

    @Test
    void aLineThatIsNotUnderstoodKeepsItFromBeingSigned() {
        String paper = begun("Open lines");
        write(paper, 1, "NWB 6 wks", "protect the repair", "sling 4-6 wks");
        assertThat(LEAD.get(paper).body())
                .contains("No weight on the leg until day 42 (6 weeks over).", "Not understood.", "2 lines are open.")
                .doesNotContain(paper + "/check");
        step(paper, 2, "TO_REVIEW");
        assertThat(LEAD.post(paper + "/signature", Map.of("shown", "x")).status())
                .isEqualTo(422);
        assertThat(LEAD.get("/courses/new").body()).doesNotContain("Open lines");
    }

    @Test
    void aQuestionIsAnsweredByATap() {
        String paper = begun("Asked");
        write(paper, 1, "brace 4-6 wks", "NWB until week 6");
        assertThat(LEAD.get(paper).body()).contains("Between 4 and 6 weeks: when is it that it ends?");
        LEAD.post(
                paper + "/answers",
                Map.of("revision", "2", "line", "brace 4-6 wks", "question", "end-of-two", "choice", "later"));
        LEAD.post(
                paper + "/answers",
                Map.of("revision", "3", "line", "NWB until week 6", "question", "week-names", "choice", "nth"));
        assertThat(LEAD.get(paper).body())
                .contains(
                        "Brace worn until day 42 (6 weeks over).",
                        "No weight on the leg until day 35 (as week 6 begins).")
                .contains(paper + "/check");
    }

    @Test
    void whoWritesSecondIsToldAndKeepsTheirs() {
        String paper = begun("Two authors");
        assertThat(write(paper, 1, "NWB 6 wks").status()).isEqualTo(302);
        Visitor.Answer second = write(paper, 1, "NWB 8 wks");
        assertThat(second.status()).isEqualTo(422);
        assertThat(second.body()).contains("Meanwhile", "changed this paper", "NWB 8 wks", "until day 42");
    }

    @Test
    void onlyWhatWasShownIsSigned() {
        String paper = begun("Changed after it was shown");
        write(paper, 1, "NWB 6 wks");
        step(paper, 2, "TO_REVIEW");
        String shown = shown(LEAD.get(paper + "/check").body());
        write(paper, 2, "NWB 2 wks");
        step(paper, 3, "TO_REVIEW");
        Visitor.Answer answer = LEAD.post(paper + "/signature", Map.of("shown", shown));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains("not what was shown any more");
        assertThat(LEAD.get(paper).body()).contains("in review");
    }

    @Test
    void withdrawnItIsOfferedNoMoreAndCoursesGoOn() {
        String paper = signed("Withdrawn soon", "NWB 6 wks");
        Map<String, String> form = referral(protocol(paper));
        LEAD.post("/courses", form);
        LEAD.post(paper + "/withdrawal", Map.of("revision", "2"));
        assertThat(LEAD.get("/courses/new").body()).doesNotContain("Withdrawn soon");
        assertThat(LEAD.post("/courses", referral(protocol(paper))).status()).isEqualTo(422);
        assertThat(LEAD.get("/courses/" + form.get("courseId")).status()).isEqualTo(200);
    }

    @Test
    void anotherClinicFindsNothingOfIt() {
        String paper = signed("Upriver alone", "NWB 6 wks");
        assertThat(OTHERS.get(paper).status()).isEqualTo(404);
        assertThat(OTHERS.get(paper + "/check").status()).isEqualTo(404);
        assertThat(OTHERS.get("/papers").body()).doesNotContain("Upriver alone");
        assertThat(OTHERS.get("/courses/new").body()).doesNotContain("Upriver alone");
        assertThat(OTHERS.post("/courses", referral(protocol(paper))).status()).isEqualTo(422);
    }

    @Test
    void whatCantBeAPaperIsRefused() {
        assertThat(LEAD.post(
                                "/papers",
                                Map.of(
                                        "entryId",
                                        UUID.randomUUID().toString(),
                                        "title",
                                        " ",
                                        "base",
                                        "knee.meniscus-repair",
                                        "joint",
                                        "knee"))
                        .status())
                .isEqualTo(422);
        assertThat(LEAD.post(
                                "/papers",
                                Map.of(
                                        "entryId",
                                        UUID.randomUUID().toString(),
                                        "title",
                                        "T",
                                        "base",
                                        "none",
                                        "joint",
                                        "knee"))
                        .body())
                .contains("Choose the protocol that the paper comes nearest to.");
        String paper = begun("Too long");
        assertThat(write(paper, 1, "NWB 6 wks\n".repeat(201)).body()).contains("allowed: 20000 in 200.");
    }
}
