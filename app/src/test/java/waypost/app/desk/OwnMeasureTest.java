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

/** A measure of the clinic's own, from the sample on the desk to the sheet of a course, and into the next version. */
@Tag("slow")
class OwnMeasureTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");
    private static final Pattern SHOWN = Pattern.compile("name=\"shown\" value=\"([0-9a-f]{64})\"");

    private final String paper = "/papers/" + UUID.randomUUID();
    private int revision = 1;

    private void act(String act, Map<String, String> fields) {
        Map<String, String> form = new HashMap<>(fields);
        form.put("revision", String.valueOf(revision));
        form.put("act", act);
        Visitor.Answer done = LEAD.post(paper + "/desk", form);
        assertThat(done.status()).as(done.body()).isEqualTo(302);
        revision += 1;
    }

    private Visitor.Answer signed() {
        LEAD.post(paper + "/steps", Map.of("revision", String.valueOf(revision), "kind", "TO_REVIEW"));
        Matcher shown = SHOWN.matcher(LEAD.get(paper + "/check").body());
        assertThat(shown.find()).isTrue();
        return LEAD.post(paper + "/signature", Map.of("shown", shown.group(1), "loosened", "yes"));
    }

    private void writeMeasures(String text) {
        act("text", Map.of("file", "measures", "value", text));
    }

    @Test
    void itIsMeasuredOnACourseAndStaysInTheNextVersion() {
        LEAD.post(
                "/papers",
                Map.of(
                        "entryId", paper.substring("/papers/".length()),
                        "title", "With taps",
                        "base", "knee.meniscus-repair",
                        "joint", "knee"));
        writeMeasures(Palette.OWN_MEASURE);
        act(
                "also",
                Map.of(
                        "at",
                        "follow-up/measuring",
                        "value",
                        "{ measure: own-tap-test, from: day 1, every-days: \"7\" }"));
        assertThat(signed().status()).isEqualTo(302);

        Map<String, String> form = new HashMap<>(Referring.form("Tapping Person", "TP-" + UUID.randomUUID(), 30));
        form.keySet().removeIf(field -> field.startsWith("answer."));
        String protocol = "own." + paper.substring("/papers/".length(), "/papers/".length() + 8);
        form.putAll(Map.of("protocol", protocol, "operation", "meniscus repair"));
        assertThat(LEAD.post("/courses", form).status()).isEqualTo(302);
        String course = "/courses/" + form.get("courseId");
        assertThat(LEAD.get(course + "/measures").body()).contains("Taps in half a minute");
        assertThat(LEAD.get(course).status()).isEqualTo(200);

        writeMeasures(Palette.OWN_MEASURE.replace("better: higher", "better: lower"));
        Visitor.Answer otherwise = signed();
        assertThat(otherwise.status()).isEqualTo(422);
        assertThat(otherwise.body()).contains("Found own-tap-test gone or counted otherwise");
        writeMeasures(Palette.OWN_MEASURE.replace("half a minute", "30 seconds"));
        assertThat(signed().status()).isEqualTo(302);
    }
}
