package waypost.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** A lead adds an account; its owner sets the password by a link that works once. */
@Tag("served")
class InvitationTest {

    private final Visitor lead = Visitor.signedIn("lead");

    /** A link with the number that is told beside it. */
    private record Invited(String link, String spoken) {

        static Invited on(String page) {
            Matcher link = Pattern.compile("/setup/[A-Za-z0-9_-]+").matcher(page);
            Matcher spoken = Pattern.compile("<code>(\\d{4} \\d{4})</code>").matcher(page);
            assertThat(link.find()).isTrue();
            assertThat(spoken.find()).isTrue();
            return new Invited(link.group(), spoken.group(1));
        }

        Visitor.Answer set(Visitor visitor, String password) {
            return visitor.post(link + "/password", Map.of("spoken", spoken, "password", password));
        }
    }

    private Invited invite(String signInName) {
        Visitor.Answer answer = lead.post(
                "/clinic/accounts", Map.of("name", "Tobin Ashlock", "signInName", signInName, "role", "ASSISTANT"));
        assertThat(answer.status()).isEqualTo(200);
        return Invited.on(answer.body());
    }

    @Test
    void theOwnerSetsThePasswordOnceAndSignsIn() {
        Invited invited = invite("tobin");
        Visitor owner = Visitor.stranger();

        assertThat(owner.get(invited.link()).body()).contains("Choose your password");
        Visitor.Answer tooShort = invited.set(owner, "short");
        assertThat(tooShort.status()).isEqualTo(422);
        assertThat(tooShort.body()).contains("Found 5 characters, allowed: at least 12.");
        assertThat(invited.set(owner, "a long enough one").location()).contains("/sign-in?ready");
        assertThat(invited.set(owner, "another long one").status()).isEqualTo(404);
        assertThat(owner.get(invited.link()).status()).isEqualTo(404);
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

    @Test
    void aLinkWithoutItsNumberSetsNothingAndIsSpentAfterFiveWrongOnes() {
        Invited invited = invite("found.link");
        Visitor finder = Visitor.stranger();
        Map<String, String> wrong = Map.of("spoken", "0000 000", "password", "harbour lantern quilt");

        for (int i = 0; i < 4; i++) {
            assertThat(finder.post(invited.link() + "/password", wrong).body())
                    .contains("That is not the number that belongs to this link.");
        }
        assertThat(finder.post(invited.link() + "/password", Map.of("password", "harbour lantern quilt"))
                        .status())
                .isEqualTo(422);
        assertThat(invited.set(finder, "harbour lantern quilt").status()).isEqualTo(404);
    }

    @Test
    void aPasswordThatIsSoonGuessedIsRefused() {
        Invited invited = invite("weak.words");
        Visitor owner = Visitor.stranger();

        for (String weak : new String[] {
            "password1234", "aaaaaaaaaaaa", "abcabcabcabc", "123456789012", "Tobin Ashlock", "weak.words12"
        }) {
            assertThat(invited.set(owner, weak).body()).as(weak).contains("a password that is soon guessed");
        }
        assertThat(invited.set(owner, "harbour lantern quilt").location()).contains("ready");
    }

    private String idOf(String signInName) {
        Matcher row = Pattern.compile("(?s)<td>" + signInName + "</td>.*?/clinic/accounts/([0-9a-f-]{36})/close")
                .matcher(lead.get("/clinic").body());
        assertThat(row.find()).isTrue();
        return row.group(1);
    }

    private Visitor owner(String signInName, String password) {
        invite(signInName).set(Visitor.stranger(), password);
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
        assertThat(owner.get("/today").status()).isEqualTo(200);

        Invited.on(page).set(Visitor.stranger(), "quite another one");

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
