package waypost.app.signin;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import waypost.app.account.StaffRole;
import waypost.app.demo.DemoAccounts;
import waypost.app.testing.NewAccount;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** Guessing waits, strangers leave nothing, and what was tried is kept. */
@Tag("served")
class SignInTest {

    private final JdbcTemplate jdbc = RunningWaypost.get().bean(JdbcTemplate.class);

    private static String tryAs(String name, String password) {
        return Visitor.stranger()
                .post("/sign-in", Map.of("name", name, "password", password))
                .location();
    }

    @Test
    void theSixthWrongOneWaitsAndSoDoesTheRightOneAfterIt() {
        NewAccount.named("guessed.one", StaffRole.THERAPIST);

        for (int i = 0; i < 5; i++) {
            assertThat(tryAs("guessed.one", "guess " + i)).contains("/sign-in?error");
        }
        assertThat(tryAs("guessed.one", "guess 6")).contains("/sign-in?wait=");
        assertThat(tryAs("Guessed.One ", DemoAccounts.PASSWORD)).contains("/sign-in?wait=3");
        assertThat(Visitor.stranger().get("/sign-in?wait=3").body()).contains("Found too many tries");
        assertThat(tryAs("therapist", DemoAccounts.PASSWORD))
                .as("nobody else waits")
                .endsWith("/today");
    }

    @Test
    void rightOnesNeverWait() {
        NewAccount.named("often.in", StaffRole.THERAPIST);

        for (int i = 0; i < 12; i++) {
            assertThat(tryAs("often.in", DemoAccounts.PASSWORD)).endsWith("/today");
        }
    }

    @Test
    void aNameThatIsNobodysWaitsAsWellAndIsNotKept() {
        for (int i = 0; i < 5; i++) {
            assertThat(tryAs("my secret passphrase", "typed in the wrong field"))
                    .contains("/sign-in?error");
        }
        assertThat(tryAs("my secret passphrase", "typed in the wrong field")).contains("/sign-in?wait=");
        assertThat(jdbc.queryForObject("select count(*) from sign_in_event where account_id is null", Long.class))
                .isGreaterThanOrEqualTo(5);
        assertThat(jdbc.queryForObject("select count(*) from sign_in_bucket where id like '%passphrase%'", Long.class))
                .isZero();
    }

    @Test
    void strangersAndFailedSignInsStoreNoSession() {
        Visitor stranger = Visitor.stranger();
        long before = sessions();

        stranger.get("/sign-in");
        stranger.get("/today");
        stranger.get("/courses/" + java.util.UUID.randomUUID());
        stranger.get("/setup/guessed");
        stranger.post("/sign-in", Map.of("name", "nobody.here", "password", "wrong"));
        stranger.get("/no-such-page");

        assertThat(sessions()).isEqualTo(before);
    }

    private long sessions() {
        return jdbc.queryForObject("select count(*) from spring_session", Long.class);
    }

    @Test
    void whatAStrangerSaysOfTheirAddressIsNotBelieved() {
        NewAccount.named("far.away", StaffRole.THERAPIST);

        for (int i = 0; i < 6; i++) {
            Visitor stranger = Visitor.stranger();
            String token = stranger.get("/session/token").body();
            stranger.postAsIs(
                    "/sign-in",
                    Map.of("name", "far.away", "password", "guess", "_csrf", token),
                    "X-Forwarded-For",
                    "203.0.113." + i);
        }

        assertThat(tryAs("far.away", DemoAccounts.PASSWORD)).contains("/sign-in?wait=");
        assertThat(jdbc.queryForObject(
                        "select count(*) from sign_in_event where address like '203.0.113.%'", Long.class))
                .isZero();
    }

    @Test
    void aFormWithoutItsTokenIsNotEvenCounted() {
        NewAccount.named("lured.one", StaffRole.THERAPIST);

        for (int i = 0; i < 8; i++) {
            assertThat(Visitor.stranger()
                            .postAsIs("/sign-in", Map.of("name", "lured.one", "password", "guess"))
                            .status())
                    .isEqualTo(401);
        }
        assertThat(tryAs("lured.one", DemoAccounts.PASSWORD)).endsWith("/today");
    }

    @Test
    void whoOwesATimeCodeComesNowhereButToTheOwnAccount() {
        NewAccount.named("owing.lead", StaffRole.LEAD);
        Visitor lead = Visitor.signedIn("owing.lead");
        lead.post("/clinic/second-factor", Map.of("demands", "true"));
        try {
            Visitor owing = Visitor.signedIn("owing.lead");
            assertThat(owing.get("/today").location()).endsWith("/account");
            assertThat(owing.get("/shelf").location()).endsWith("/account");
            assertThat(owing.post("/clinic/second-factor", Map.of("demands", "false"))
                            .location())
                    .endsWith("/account");
            assertThat(owing.get("/account").body()).contains("Your clinic demands a time code.");
        } finally {
            lead.post("/clinic/second-factor", Map.of("demands", "false"));
        }
        assertThat(Visitor.signedIn("owing.lead").get("/today").status()).isEqualTo(200);
    }
}
