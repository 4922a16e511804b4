package waypost.app.course;

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

/** A surgeon answers an open question on the list, with what it changes in sight, once. */
@Tag("served")
class AnswersTest {

    private static final Visitor SURGEON = Visitor.signedIn("surgeon");
    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final String ABOUT = "tear";
    private static final String ASKED = "?about=" + ABOUT;

    private static String course() {
        Map<String, String> form = new HashMap<>(Referring.form("Asked Person", "AN-" + UUID.randomUUID(), 20));
        form.keySet().removeIf(field -> field.startsWith("answer."));
        form.putAll(Map.of("protocol", "knee.meniscus-repair", "operation", "meniscus repair"));
        THERAPIST.post("/courses", form);
        return "/courses/" + form.get("courseId");
    }

    private static String field(String part, String name) {
        Matcher named =
                Pattern.compile("name=\"" + name + "\" value=\"([^\"]*)\"").matcher(part);
        assertThat(named.find()).as(part).isTrue();
        return named.group(1);
    }

    private static Map<String, String> signing(String value, String shown, String replaces) {
        return Map.of("about", ABOUT, "value", value, "shown", shown, "replaces", replaces, "act", "sign");
    }

    @Test
    void whatItChangesIsInSightBeforeItIsSigned() {
        String course = course();
        String place = course + "/answers";
        String part = SURGEON.get(place + ASKED).body();
        assertThat(part).contains("name=\"value\"").doesNotContain("It is so", "Only a surgeon");
        String replaces = field(part, "replaces");

        assertThat(SURGEON.post(place, signing("root", "", replaces)).body())
                .contains("Look at what this answer changes, then sign it.");
        String shown =
                SURGEON.post(place, Map.of("about", ABOUT, "value", "root")).body();
        assertThat(shown).contains("It is so: ", "oday");
        assertThat(field(shown, "shown")).isEqualTo("root");
        assertThat(SURGEON.get(place + ASKED).body())
                .as("nothing is written by looking")
                .contains("<legend");

        assertThat(SURGEON.post(place, signing("root", "root", replaces)).location())
                .endsWith("/answers" + ASKED);
        assertThat(SURGEON.get(place + ASKED).body()).contains("This question is answered.");
        Visitor.Answer again = SURGEON.post(place, signing("root", "root", replaces));
        assertThat(again.status()).isEqualTo(422);
        assertThat(again.body()).contains("This question is answered, or not asked.");
        assertThat(THERAPIST.get(course + "/record").body()).contains("on the list");
        assertThat(THERAPIST.get(course + "/referral").body())
                .containsPattern("name=\"answer.tear\" value=\"root\" checked");
    }

    @Test
    void onlyASurgeonForWhatIsAskedAsItStands() {
        String place = course() + "/answers";
        String replaces = field(SURGEON.get(place + ASKED).body(), "replaces");
        assertThat(THERAPIST.get(place + ASKED).body())
                .contains("Only a surgeon answers here")
                .doesNotContain("<button");
        assertThat(THERAPIST.post(place, signing("root", "root", replaces)).body())
                .contains("Only a surgeon answers here.");
        assertThat(SURGEON.post(place, signing("none of these", "none of these", replaces))
                        .body())
                .contains("Choose one of the answers.");
        assertThat(SURGEON.post(place, signing("root", "root", UUID.randomUUID().toString()))
                        .body())
                .contains("Somebody changed this referral");
        assertThat(Visitor.signedIn("upriver").get(place + ASKED).status()).isEqualTo(404);
    }
}
