package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** What a role may not do by one way it may not do by another. */
@Tag("served")
class RightsTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    private final JdbcTemplate jdbc = RunningWaypost.get().bean(JdbcTemplate.class);

    /** A lead whose password was given longer ago than a signature allows. */
    private Visitor stale() {
        Visitor lead = Visitor.signedIn("lead");
        jdbc.update("""
                delete from spring_session_attributes
                 where attribute_name = 'waypost.password-given-at'
                   and session_primary_id = (select primary_id from spring_session where principal_name = 'lead'
                                              order by creation_time desc limit 1)
                """);
        return lead;
    }

    @Test
    void anAssistantDoesNotAddByASwapForItselfOrForWhatIsNotPlanned() {
        Visitor assistant = Visitor.signedIn("assistant");
        Working visit = Working.on(THERAPIST, 52);
        String page = visit.page();
        String other = Pattern.compile("<option value=\"([a-z-]+/[a-z-]+)\"")
                .matcher(page)
                .results()
                .map(found -> found.group(1))
                .findFirst()
                .orElseThrow();
        Working theirs = visit.by(assistant);

        for (String out : new String[] {other, "no-such/role", "straight-leg-raise/operated"}) {
            if (!page.contains("role=" + out)) {
                assertThat(theirs.plan("SWAP", other, out).status()).as(out).isIn(404, 422);
            }
        }
        assertThat(theirs.plan("ADD", other, "").status()).isEqualTo(422);
        assertThat(visit.page()).doesNotContain("role=" + other + "\"");
    }

    @Test
    void onlyALeadMakesALead() {
        Map<String, String> wanted =
                new HashMap<>(Map.of("signInName", "rights.second.lead", "name", "Second Lead", "role", "LEAD"));
        Visitor admin = Visitor.signedIn("admin");

        assertThat(admin.get("/clinic").body()).doesNotContain("value=\"LEAD\"");
        assertThat(admin.post("/clinic/accounts", wanted).body()).contains("Only a lead makes another lead.");
        assertThat(Visitor.signedIn("lead").post("/clinic/accounts", wanted).status())
                .isEqualTo(200);
        wanted.remove("role");
        wanted.put("signInName", "rights.nobody");
        assertThat(admin.post("/clinic/accounts", wanted).body()).contains("Choose a role from the list.");
    }

    @Test
    void whatIsSaidAndNotMeasuredAsksForTheFreshPassword() {
        Map<String, String> form = Referring.form("Rights Person", "RI-1", 20);
        THERAPIST.post("/courses", form);
        String course = "/courses/" + form.get("courseId");
        Map<String, String> said = new HashMap<>(Map.of(
                "attestationId", UUID.randomUUID().toString(),
                "criterion", "no-such",
                "saidBy", "Dr Halloway, letter of today"));

        assertThat(stale().post(course + "/attestations", said).body())
                .contains("Signing needs your password again after five minutes.");
    }

    @Test
    void theWithdrawalOfAnOrderAsksForTheFreshPassword() {
        Working visit = Working.on(THERAPIST, 52);
        Matcher limit = Pattern.compile("value=\"(LIMIT:[a-z0-9.-]+)\"").matcher(visit.get("/what-if"));
        assertThat(limit.find()).isTrue();
        String order = UUID.randomUUID().toString();
        visit.post(
                "/orders",
                Map.of("orderId", order, "what", limit.group(1), "allow", "free", "words", "May begin now."));

        Visitor lead = stale();
        String path = visit.path() + "/orders/" + order + "/withdrawal";
        assertThat(lead.post(path, Map.of("why", "said otherwise")).body())
                .contains("Signing needs your password again after five minutes.");
        assertThat(visit.get("/record")).doesNotContain("Order withdrawn");
    }

    @Test
    void aSignedChangeOfNameNumberAndBirthDateHoldsAndIsKept() {
        Map<String, String> form = Referring.form("Wrong Nmae", "RI-2", 20);
        THERAPIST.post("/courses", form);
        String course = "/courses/" + form.get("courseId");
        form.put("replaces", Working.hidden(THERAPIST.get(course + "/referral").body(), "replaces"));
        form.put("patientName", "Right Name");
        form.put("number", "RI-2b");
        form.put("birthDate", "1990-06-16");
        form.put("why", "misread on the letter");

        assertThat(THERAPIST.post(course + "/referral", form).status()).isEqualTo(302);
        assertThat(THERAPIST.get(course).body())
                .contains("Right Name", "RI-2b", "16 Jun 1990")
                .doesNotContain("Wrong Nmae");
        assertThat(THERAPIST.get(course + "/record").body()).contains("was Wrong Nmae", "misread on the letter");
        assertThat(jdbc.queryForObject(
                        "select count(*) from patient_change where name = 'Wrong Nmae' and number = 'RI-2'",
                        Long.class))
                .isEqualTo(1);

        Map<String, String> other = Referring.form("Other Person", "RI-3", 20);
        THERAPIST.post("/courses", other);
        form.put("replaces", Working.hidden(THERAPIST.get(course + "/referral").body(), "replaces"));
        form.put("number", "RI-3");
        assertThat(THERAPIST.post(course + "/referral", form).body()).contains("which belongs to another patient");
        form.put("number", "RI-2b");
        form.put("protocol", "hip.replacement");
        assertThat(THERAPIST.post(course + "/referral", form).body()).contains("A course keeps its protocol");
    }
}
