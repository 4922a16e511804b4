package waypost.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
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
}
