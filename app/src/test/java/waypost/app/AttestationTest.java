package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Referring;
import waypost.app.testing.Visitor;

/** What is said and not measured, on a protocol whose first phase needs it. */
@Tag("served")
class AttestationTest {

    private final Visitor therapist = Visitor.signedIn("therapist");

    private static Map<String, String> hand() {
        Map<String, String> form = new HashMap<>(Referring.form("Hand Person", "A-1", 10));
        form.keySet().removeIf(key -> key.startsWith("answer."));
        form.put("protocol", "hand.flexor-tendon-zone-2");
        form.put("operation", "flexor tendon repair");
        form.put("answer.nerve", "whole");
        form.put("answer.digit", "finger");
        return form;
    }

    @Test
    void meetsTheMilestoneOnceAndStandsInTheRecord() {
        Map<String, String> referral = hand();
        assertThat(therapist.post("/courses", referral).status()).isEqualTo(302);
        String course = "/courses/" + referral.get("courseId");
        Map<String, String> said =
                new HashMap<>(Map.of("attestationId", UUID.randomUUID().toString(), "criterion", "wound"));
        said.put("saidBy", "said and shown on the other hand");

        assertThat(therapist.get(course + "/milestones").body())
                .contains("Splint rules taught back")
                .contains("The patient has yet to say it and show it, before the therapist.");
        assertThat(therapist.post(course + "/attestations", said).body())
                .contains("Choose what was said from the list.");
        said.put("criterion", "splint-taught");
        said.put("saidBy", "x");
        assertThat(therapist.post(course + "/attestations", said).body())
                .contains("Found 1 characters, allowed: who said it and how, in 3 to 300.");
        said.put("saidBy", "said and shown on the other hand");
        assertThat(therapist.post(course + "/attestations", said).status()).isEqualTo(302);
        assertThat(therapist.post(course + "/attestations", said).status()).isEqualTo(302);
        assertThat(therapist.get(course + "/milestones").body()).contains("Recorded.");
        assertThat(therapist.get(course + "/record").body())
                .containsOnlyOnce("said and shown on the other hand")
                .contains("Said, not measured: splint-taught");
        assertThat(Visitor.signedIn("assistant")
                        .post(course + "/attestations", said)
                        .status())
                .isEqualTo(403);
    }

    /** The form shows the questions of the protocol that is chosen, and keeps what was typed. */
    @Test
    void theReferralAsksWhatTheChosenProtocolAsks() {
        Map<String, String> typed = hand();
        typed.put("protocol", "hip.replacement");

        assertThat(therapist.post("/courses/questions", typed).body())
                .contains("By which approach was the hip replaced?")
                .contains("value=\"Hand Person\"")
                .doesNotContain("Was a finger nerve repaired besides?");
    }

    /** The day's rack holds what the protocol speaks of, not the whole library. */
    @Test
    void laysOutOnlyWhatTheProtocolSpeaksOf() {
        Map<String, String> referral = hand();
        referral.put("number", "A-2");
        therapist.post("/courses", referral);
        String course = "/courses/" + referral.get("courseId");

        assertThat(therapist.get(course).body()).contains("Reverse blocking").doesNotContain("Prone hang");
        assertThat(therapist.get(course + "/measures/readings").body())
                .contains("Total active motion of the finger")
                .doesNotContain("Knee effusion");
    }
}
