package waypost.app.milestone;

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

/** A surgeon's word is given on the list, by a surgeon, for what waits for it, once. */
@Tag("served")
class ClearanceTest {

    private static final Visitor SURGEON = Visitor.signedIn("surgeon");
    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    private static String course(int day) {
        Map<String, String> form = new HashMap<>(Referring.form("Cleared Person", "CL-" + UUID.randomUUID(), day));
        form.keySet().removeIf(field -> field.startsWith("answer."));
        form.putAll(Map.of("protocol", "shoulder.instability-repair", "operation", "instability repair"));
        THERAPIST.post("/courses", form);
        return "/courses/" + form.get("courseId");
    }

    private static String criterion(String part) {
        Matcher named = Pattern.compile("name=\"criterion\" value=\"([^\"]+)\"").matcher(part);
        assertThat(named.find()).as(part).isTrue();
        return named.group(1);
    }

    @Test
    void theSurgeonSaysSoWithTheEvidenceInSight() {
        String course = course(60);
        String part = SURGEON.get(course + "/clearances").body();
        assertThat(part).contains("clearance-evidence", "It is so: ").doesNotContain("Only a surgeon");
        String criterion = criterion(part);
        Map<String, String> form = Map.of("attestationId", UUID.randomUUID().toString(), "criterion", criterion);

        assertThat(THERAPIST.get(course + "/clearances").body())
                .contains("Only a surgeon answers here")
                .doesNotContain("<button");
        Visitor.Answer refused = THERAPIST.post(course + "/clearances", form);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).contains("Only a surgeon says so here.");

        assertThat(SURGEON.post(course + "/clearances", form).location()).endsWith(course + "/clearances");
        assertThat(SURGEON.get(course + "/clearances").body()).doesNotContain("value=\"" + criterion + "\"");
        assertThat(SURGEON.post(course + "/clearances", form).body()).contains("does not wait for a surgeon");
        assertThat(THERAPIST.get(course + "/record").body()).contains("with the evidence in sight");
    }

    @Test
    void whatDoesNotWaitForItOrNotYet() {
        String course = course(60);
        Map<String, String> form = Map.of("attestationId", UUID.randomUUID().toString(), "criterion", "gait-clean");
        assertThat(SURGEON.post(course + "/clearances", form).status()).isEqualTo(422);
        String early = course(3);
        assertThat(SURGEON.get(early + "/clearances").body())
                .contains("clearance-evidence", "Nothing waits for the surgeon")
                .doesNotContain("It is so: ");
        assertThat(Visitor.signedIn("upriver").get(course + "/clearances").status())
                .isEqualTo(404);
    }
}
