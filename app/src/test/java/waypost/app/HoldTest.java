package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Referring;
import waypost.app.testing.Visitor;

/** A hold closes the operated region at once, and ends only with a reason and a signature. */
@Tag("served")
class HoldTest {

    private final Visitor therapist = Visitor.signedIn("therapist");

    @Test
    void closesAtOnceAndEndsWithASignedReason() {
        Map<String, String> referral = Referring.form("Held Person", "H-1", 20);
        therapist.post("/courses", referral);
        String course = "/courses/" + referral.get("courseId");
        UUID hold = UUID.randomUUID();
        Map<String, String> placing =
                new HashMap<>(Map.of("holdId", hold.toString(), "why", "wound draining", "reviewOn", "2031-04-02"));

        assertThat(therapist.post(course + "/holds", placing).body())
                .contains("Found Wed 2 Apr 2031, allowed: Thu 3 Apr 2031 or later.");
        placing.put("reviewOn", "2031-04-05");
        assertThat(therapist.post(course + "/holds", placing).status()).isEqualTo(302);
        assertThat(therapist.post(course + "/holds", placing).status()).isEqualTo(302);
        assertThat(therapist.get(course).body())
                .contains("On hold: wound draining")
                .contains("0 of 142 open");

        String end = course + "/holds/" + hold + "/end";
        assertThat(Visitor.signedIn("assistant")
                        .post(end, Map.of("why", "dry now"))
                        .status())
                .isEqualTo(403);
        assertThat(therapist.post(end, Map.of("why", "")).body()).contains("allowed: a reason of 3 to 300");
        assertThat(therapist.post(end, Map.of("why", "dry for two days")).status())
                .isEqualTo(302);
        assertThat(therapist.get(course).body()).doesNotContain("On hold: wound draining");
        assertThat(therapist.get(course + "/record").body())
                .contains("Hold placed")
                .contains("Cleared: dry for two days");
    }
}
