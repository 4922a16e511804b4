package waypost.app.usual;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Referring;
import waypost.app.testing.Visitor;

/** What a surgeon usually says fills a referral where the protocol leaves it to the surgeon, and says so. */
@Tag("served")
class UsualTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");
    private static final String PROTOCOL = "knee.meniscus-repair";

    private static Visitor.Answer set(String surgeon, String school, String value) {
        return LEAD.post(
                "/surgeons",
                Map.of(
                        "entryId",
                        UUID.randomUUID().toString(),
                        "surgeon",
                        surgeon,
                        "protocol",
                        PROTOCOL,
                        "answer." + school,
                        value));
    }

    private static Map<String, String> referral(String surgeon) {
        Map<String, String> form = new HashMap<>(Referring.form("Usual Person", "US-" + UUID.randomUUID(), 10));
        form.keySet().removeIf(field -> field.startsWith("answer."));
        form.putAll(Map.of("protocol", PROTOCOL, "operation", "meniscus repair", "surgeon", surgeon));
        return form;
    }

    @Test
    void itFillsAReferralAndIsToldFromWhatWasChosen() {
        assertThat(set("Dr Nobody", "early-weight", "braced").status()).isEqualTo(302);
        assertThat(LEAD.get("/surgeons").body()).contains("Dr Nobody", "full weight with the brace locked straight");

        String form = LEAD.post("/courses/questions", referral("dr nobody")).body();
        assertThat(form)
                .contains("usually follows: Meniscus repair", "Filled in: dr nobody usually says so")
                .containsPattern("name=\"answer.early-weight\" value=\"braced\" checked");

        Map<String, String> back = referral("Dr Nobody");
        back.put("answer.early-weight", "braced");
        back.put("filled", "early-weight=braced");
        assertThat(LEAD.post("/courses/check", back).body()).contains("usually says, not from the note: one answer");
        back.put("answer.early-weight", "restricted");
        assertThat(LEAD.post("/courses/check", back).body()).doesNotContain("not from the note");
        assertThat(LEAD.post("/courses/questions", back).body())
                .as("what somebody chose stays")
                .doesNotContain("Filled in:")
                .containsPattern("name=\"answer.early-weight\" value=\"restricted\" checked");
        back.put("answer.early-weight", "braced");
        back.put("surgeon", "Dr Somebody");
        assertThat(LEAD.post("/courses/questions", back).body())
                .as("what was filled for another surgeon is taken back")
                .doesNotContain("Filled in:")
                .doesNotContainPattern("name=\"answer.early-weight\" value=\"braced\" checked");
    }

    @Test
    void whatTheNoteMustSayIsNeverFilled() {
        assertThat(set("Dr Facts", "tear", "root").status()).isEqualTo(302);
        assertThat(LEAD.post("/courses/questions", referral("Dr Facts")).body())
                .contains("usually follows")
                .doesNotContain("Filled in:")
                .doesNotContainPattern("name=\"answer.tear\" value=\"root\" checked");
    }

    @Test
    void itEndsAndStaysWithItsClinic() {
        set("Dr Ended", "early-weight", "braced");
        assertThat(Visitor.signedIn("therapist").get("/surgeons").body()).doesNotContain("Dr Ended");
        Map<String, String> end =
                Map.of("entryId", UUID.randomUUID().toString(), "surgeon", "Dr Ended", "protocol", PROTOCOL);
        assertThat(LEAD.post("/surgeons/end", end).status()).isEqualTo(302);
        assertThat(LEAD.get("/surgeons").body()).doesNotContain("Dr Ended");
        assertThat(LEAD.post("/courses/questions", referral("Dr Ended")).body()).doesNotContain("Filled in:");
        assertThat(LEAD.post("/surgeons/end", end).body()).contains("does not stand any more");
    }

    @Test
    void whatIsNoneIsRefused() {
        assertThat(set("", "early-weight", "braced").body()).contains("Write the surgeon");
        assertThat(set("Dr Odd", "early-weight", "sideways").body()).contains("Choose one of the answers to");
        assertThat(LEAD.post(
                                "/surgeons",
                                Map.of(
                                        "entryId",
                                        UUID.randomUUID().toString(),
                                        "surgeon",
                                        "Dr Odd",
                                        "protocol",
                                        "own.nobody"))
                        .body())
                .contains("Choose a protocol from the list.");
    }
}
