package waypost.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** A lead adds an account; its owner sets the password by a link that works once. */
class InvitationTest {

    private final Visitor lead = Visitor.signedIn("lead");

    private String invite(String signInName) {
        Visitor.Answer answer = lead.post(
                "/clinic/accounts", Map.of("name", "Tobin Ashlock", "signInName", signInName, "role", "ASSISTANT"));
        assertThat(answer.status()).isEqualTo(200);
        Matcher link = Pattern.compile("/setup/[A-Za-z0-9_-]+").matcher(answer.body());
        assertThat(link.find()).isTrue();
        return link.group();
    }

    @Test
    void theOwnerSetsThePasswordOnceAndSignsIn() {
        String link = invite("tobin");
        Visitor owner = Visitor.stranger();

        assertThat(owner.get(link).body()).contains("Choose your password");
        Visitor.Answer tooShort = owner.post(link + "/password", Map.of("password", "short"));
        assertThat(tooShort.status()).isEqualTo(422);
        assertThat(tooShort.body()).contains("Found 5 characters, allowed: at least 12.");
        assertThat(owner.post(link + "/password", Map.of("password", "a long enough one"))
                        .location())
                .contains("/sign-in?ready");
        assertThat(owner.post(link + "/password", Map.of("password", "another long one"))
                        .status())
                .isEqualTo(404);
        assertThat(owner.get(link).status()).isEqualTo(404);
        assertThat(owner.post("/sign-in", Map.of("name", "Tobin", "password", "a long enough one"))
                        .location())
                .endsWith("/today");
    }

    @Test
    void aTakenOrUnreadableSignInNameIsRefused() {
        assertThat(lead.post("/clinic/accounts", Map.of("name", "X", "signInName", "therapist", "role", "LEAD"))
                        .body())
                .contains("which is taken");
        assertThat(lead.post("/clinic/accounts", Map.of("name", "X", "signInName", "a b", "role", "LEAD"))
                        .body())
                .contains("allowed: 3 to 40 letters, digits, dots, hyphens");
    }

    @Test
    void aGuessedLinkAndAWrongPasswordLeadNowhere() {
        Visitor stranger = Visitor.stranger();

        assertThat(stranger.get("/setup/guessed").status()).isEqualTo(404);
        assertThat(stranger.post(
                                "/setup/guessed/clinic",
                                Map.of(
                                        "clinicName",
                                        "X",
                                        "zone",
                                        "UTC",
                                        "closedDays",
                                        "",
                                        "name",
                                        "X",
                                        "signInName",
                                        "xxx",
                                        "password",
                                        "long enough password"))
                        .status())
                .isEqualTo(404);
        assertThat(stranger.post("/sign-in", Map.of("name", "therapist", "password", "wrong"))
                        .location())
                .contains("/sign-in?error");
    }

    private String idOf(String signInName) {
        Matcher row = Pattern.compile("(?s)<td>" + signInName + "</td>.*?/clinic/accounts/([0-9a-f-]{36})/close")
                .matcher(lead.get("/clinic").body());
        assertThat(row.find()).isTrue();
        return row.group(1);
    }

    private Visitor owner(String signInName, String password) {
        String link = invite(signInName);
        Visitor.stranger().post(link + "/password", Map.of("password", password));
        Visitor owner = Visitor.stranger();
        assertThat(owner.post("/sign-in", Map.of("name", signInName, "password", password))
                        .location())
                .endsWith("/today");
        return owner;
    }

    @Test
    void aClosedAccountIsSignedOutAtOnceAndSignsInNoMore() {
        Visitor owner = owner("closing.one", "a long enough one");
        assertThat(owner.get("/today").status()).isEqualTo(200);

        assertThat(lead.post("/clinic/accounts/" + idOf("closing.one") + "/close", Map.of())
                        .status())
                .isEqualTo(302);

        assertThat(owner.get("/today").status()).isIn(302, 401);
        assertThat(Visitor.stranger()
                        .post("/sign-in", Map.of("name", "closing.one", "password", "a long enough one"))
                        .location())
                .contains("error");
        assertThat(lead.get("/clinic").body()).contains("closed");
    }

    @Test
    void aNewLinkSetsANewPasswordAndEndsWhatTheOldOneOpened() {
        Visitor owner = owner("losing.one", "a long enough one");
        String page = lead.post("/clinic/accounts/" + idOf("losing.one") + "/link", Map.of())
                .body();
        Matcher link = Pattern.compile("/setup/[A-Za-z0-9_-]+").matcher(page);
        assertThat(link.find()).isTrue();
        assertThat(owner.get("/today").status()).isEqualTo(200);

        Visitor.stranger().post(link.group() + "/password", Map.of("password", "quite another one"));

        assertThat(owner.get("/today").status()).isIn(302, 401);
        assertThat(Visitor.stranger()
                        .post("/sign-in", Map.of("name", "losing.one", "password", "a long enough one"))
                        .location())
                .contains("error");
        assertThat(Visitor.stranger()
                        .post("/sign-in", Map.of("name", "losing.one", "password", "quite another one"))
                        .location())
                .endsWith("/today");
    }

    @Test
    void nobodyClosesTheirOwnOrALeadsOrAnotherClinicsAccount() {
        Visitor admin = Visitor.signedIn("admin");
        String ofTheLead = RunningWaypost.get().staff("lead").id().toString();
        String ofUpriver = RunningWaypost.get().staff("upriver").id().toString();

        assertThat(lead.post("/clinic/accounts/" + ofTheLead + "/close", Map.of())
                        .body())
                .contains("This is your own account.");
        assertThat(admin.post("/clinic/accounts/" + ofTheLead + "/close", Map.of())
                        .body())
                .contains("Only a lead closes a lead");
        assertThat(admin.post("/clinic/accounts/" + ofTheLead + "/link", Map.of())
                        .body())
                .contains("Only a lead closes a lead");
        assertThat(lead.post("/clinic/accounts/" + ofUpriver + "/close", Map.of())
                        .status())
                .isEqualTo(404);
        assertThat(Visitor.signedIn("therapist")
                        .post("/clinic/accounts/" + ofUpriver + "/close", Map.of())
                        .status())
                .isEqualTo(403);
    }
}
