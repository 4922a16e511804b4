package waypost.app.desk;

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

/** What is done on the desk reaches a course once it is signed, and nothing before; over HTTP, in a clinic of its own. */
@Tag("served")
class DeskTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");
    private static final Visitor OTHERS = Visitor.signedIn("therapist");
    private static final String OF_THE_PART = "meniscus:openings/step-up/operated";
    private static final String STEP_UP = "openings/step-up/operated";

    private static String begun() {
        UUID id = UUID.randomUUID();
        LEAD.post(
                "/papers",
                Map.of(
                        "entryId",
                        id.toString(),
                        "title",
                        "Drawn " + id,
                        "base",
                        "knee.meniscus-repair",
                        "joint",
                        "knee"));
        return "/papers/" + id;
    }

    private static Visitor.Answer act(String paper, int revision, String act, Map<String, String> fields) {
        Map<String, String> form = new HashMap<>(fields);
        form.put("revision", String.valueOf(revision));
        form.put("act", act);
        return LEAD.post(paper + "/desk", form);
    }

    private static Visitor.Answer moved(String paper, int revision, String post, int day) {
        return act(paper, revision, "day", Map.of("at", post, "value", String.valueOf(day)));
    }

    private static String text(String paper) {
        return LEAD.get(paper + "/desk?file=protocol").body();
    }

    private static String shown(String page) {
        Matcher hash =
                Pattern.compile("name=\"shown\" value=\"([0-9a-f]{64})\"").matcher(page);
        assertThat(hash.find()).isTrue();
        return hash.group(1);
    }

    @Test
    void whatIsOpenedSoonerIsReadTickedSignedAndFollowed() {
        String paper = begun();
        assertThat(moved(paper, 1, OF_THE_PART, 42).status()).isEqualTo(302);
        assertThat(moved(paper, 2, "openings/pogo/both", 300).status()).isEqualTo(302);
        LEAD.post(paper + "/steps", Map.of("revision", "3", "kind", "TO_REVIEW"));
        String page = LEAD.get(paper + "/check").body();
        assertThat(page)
                .contains("Sooner than in the protocol below", "day 70 → day 56", "→ day 300")
                .contains(
                        "Changed on the map and in the text",
                        "The part own.meniscus, line",
                        "+   - { open: step-up/operated");
        Visitor.Answer unread = LEAD.post(paper + "/signature", Map.of("shown", shown(page)));
        assertThat(unread.status()).isEqualTo(422);
        assertThat(unread.body()).contains("tick that you did");
        assertThat(LEAD.post(paper + "/signature", Map.of("shown", shown(page), "loosened", "yes"))
                        .status())
                .isEqualTo(302);
        Map<String, String> form = new HashMap<>(Referring.form("Drawn Person", "DP-" + UUID.randomUUID(), 60));
        form.keySet().removeIf(field -> field.startsWith("answer."));
        form.putAll(Map.of(
                "protocol",
                "own." + paper.substring("/papers/".length(), "/papers/".length() + 8),
                "operation",
                "meniscus repair"));
        assertThat(LEAD.post("/courses", form).location()).endsWith("/courses/" + form.get("courseId"));
        assertThat(LEAD.get("/courses/" + form.get("courseId") + "/rungs/step-up/operated")
                        .body())
                .contains("If all goes to plan")
                .doesNotContain("completed week 10");
    }

    @Test
    void whatAPartSaysIsTakenOverAndNoOtherProtocolKnowsOfIt() {
        String paper = begun();
        String page = LEAD.get(paper + "/desk").body();
        Matcher key = Pattern.compile("data-key=\"(meniscus:limits/[^\"]+/steps/1)\" data-day=\"(\\d+)\"")
                .matcher(page);
        assertThat(key.find()).isTrue();
        assertThat(moved(paper, 1, key.group(1), Integer.parseInt(key.group(2)) + 7)
                        .status())
                .isEqualTo(302);
        assertThat(LEAD.get(paper + "/desk").body())
                .contains("data-key=\"own." + key.group(1) + "\"", "1 post otherwise than below");
        assertThat(LEAD.get(begun() + "/desk").body())
                .contains("data-key=\"" + key.group(1) + "\" data-day=\"" + key.group(2) + "\"");
    }

    @Test
    void twoAtOnceAreBothToldAndNothingIsLost() {
        String paper = begun();
        assertThat(moved(paper, 1, STEP_UP, 49).status()).isEqualTo(302);
        Visitor.Answer second = moved(paper, 1, STEP_UP, 56);
        assertThat(second.status()).isEqualTo(422);
        assertThat(second.body()).contains("changed this paper", "Step-up, low is open from day 49");
        assertThat(text(paper)).contains("from: completed week 7, phase: walk");
    }

    @Test
    void whatIsUndoneComesBackAndCanBeDoneAgain() {
        String paper = begun();
        String before = text(paper);
        moved(paper, 1, STEP_UP, 49);
        String after = text(paper);
        act(paper, 2, "back", Map.of());
        assertThat(textOf(text(paper))).isEqualTo(textOf(before));
        act(paper, 3, "forth", Map.of());
        assertThat(textOf(text(paper))).isEqualTo(textOf(after));
        assertThat(act(paper, 4, "forth", Map.of()).body()).contains("nothing to do again");
    }

    private static String textOf(String page) {
        return page.substring(page.indexOf("<textarea name=\"value\""), page.indexOf("</textarea>"));
    }

    @Test
    void whatCanNotBeReadIsRefusedWithItsPlaceAndStaysInTheField() {
        String paper = begun();
        Visitor.Answer answer = act(
                paper, 1, "text", Map.of("file", "protocol", "value", "protocol: own.x\ntitle: Mine\nnonsense: 3\n"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains("Nothing was changed", "nonsense: 3", "protocol.yaml:");
        assertThat(act(paper, 1, "moment", Map.of("at", STEP_UP, "value", "6w")).body())
                .contains("Maybe &#39;completed week 6&#39;");
        assertThat(act(paper, 1, "value", Map.of("at", "nothing", "value", "3")).status())
                .isEqualTo(422);
        assertThat(act(paper, 1, "also", Map.of("at", "limits", "value", "id: ["))
                        .status())
                .isEqualTo(422);
        assertThat(act(paper, 1, "dance", Map.of()).status()).isEqualTo(422);
        assertThat(LEAD.get(paper).body()).contains("revision <span>1</span>");
    }

    @Test
    void anotherTextGivesTheSameBytesAsTheMap() {
        String drawn = begun();
        moved(drawn, 1, "phases/walk/earliest", 56);
        String typed = begun();
        String text = unescaped(textOf(text(typed)));
        text = text.substring(text.indexOf('>') + 1)
                .replace("earliest: completed week 6\n", "earliest: completed week 8\n")
                .replace("expected: completed week 6\n", "expected: completed week 8\n");
        assertThat(act(typed, 1, "text", Map.of("file", "protocol", "value", text))
                        .status())
                .isEqualTo(302);
        assertThat(withoutName(text(typed))).isEqualTo(withoutName(text(drawn)));
    }

    private static String withoutName(String page) {
        return textOf(page).replaceAll("protocol: own\\.[a-z0-9]+", "").replaceAll("title: .*Drawn .*", "");
    }

    private static String unescaped(String html) {
        return html.replace("&quot;", "\"")
                .replace("&#39;", "'")
                .replace("&gt;", ">")
                .replace("&amp;", "&");
    }

    @Test
    void aMadeUpPatientShowsWhatChangesOnADay() {
        String paper = begun();
        moved(paper, 1, OF_THE_PART, 84);
        String page = LEAD.get(paper + "/desk/patient?day=75").body();
        assertThat(page)
                .contains(
                        "day 75 (10 weeks and 5 days after, in week 11)",
                        "Open below, not here",
                        "<li>Step-up, low</li>");
        assertThat(LEAD.get(paper + "/desk/patient?day=90").body()).doesNotContain("<li>Step-up, low</li>");
        assertThat(LEAD.get(paper + "/desk/found").status()).isEqualTo(200);
    }

    @Test
    void anotherClinicsDeskIsNotThere() {
        String paper = begun();
        for (String page : new String[] {"/desk", "/desk/patient", "/desk/found"}) {
            assertThat(OTHERS.get(paper + page).status()).isEqualTo(404);
        }
        assertThat(OTHERS.post(paper + "/desk", Map.of("revision", "1", "act", "back"))
                        .status())
                .isEqualTo(404);
    }
}
