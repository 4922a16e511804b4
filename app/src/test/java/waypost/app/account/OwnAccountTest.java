package waypost.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpSession;
import waypost.app.demo.DemoAccounts;
import waypost.app.testing.NewAccount;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.TimeCode;
import waypost.app.testing.Visitor;

/** What somebody does with their own account: password, time code, sessions. */
@Tag("served")
class OwnAccountTest {

    private static final String OTHER = "harbour lantern quilt";

    private final Instant now = RunningWaypost.get().bean(InstantSource.class).instant();

    private static boolean isIn(String location) {
        return location.endsWith("/today");
    }

    /** Sets up a time code on the page and returns the telephone, with the recovery codes. */
    private record SetUp(TimeCode telephone, List<String> recovery) {

        static SetUp by(Visitor owner, Instant now) {
            owner.post("/account/second-factor", Map.of());
            Matcher letters = Pattern.compile("class=\"letters\">([A-Z2-7 ]+)<")
                    .matcher(owner.get("/account").body());
            assertThat(letters.find()).isTrue();
            TimeCode telephone = TimeCode.typed(letters.group(1));
            String page = owner.post(
                            "/account/second-factor/confirm", Map.of("code", telephone.at(now.minusSeconds(30))))
                    .body();
            List<String> recovery = Pattern.compile("<li><code>([A-Z2-7-]{19})</code>")
                    .matcher(page)
                    .results()
                    .map(found -> found.group(1))
                    .toList();
            return new SetUp(telephone, recovery);
        }
    }

    @Test
    void theTelephoneOfTheseTestsIsThatOfTheStandard() {
        // RFC 6238, appendix B: 94287082 and 07081804 at these seconds, of which we take the last six digits.
        TimeCode standard = TimeCode.of("12345678901234567890".getBytes(StandardCharsets.US_ASCII));

        assertThat(standard.at(Instant.ofEpochSecond(59))).isEqualTo("287082");
        assertThat(standard.at(Instant.ofEpochSecond(1111111109))).isEqualTo("081804");
    }

    @Test
    void aChangedPasswordCountsAtOnceAndEndsTheOtherSessions() {
        NewAccount.named("own.password", StaffRole.THERAPIST);
        Visitor here = Visitor.signedIn("own.password");
        Visitor elsewhere = Visitor.signedIn("own.password");

        assertThat(here.post("/account/password", Map.of("current", "wrong", "password", OTHER))
                        .body())
                .contains("That is not this account&#39;s password. Nothing was signed or changed.");
        assertThat(here.post("/account/password", Map.of("current", DemoAccounts.PASSWORD, "password", "qwertyuiop12"))
                        .body())
                .contains("soon guessed");
        assertThat(here.post("/account/password", Map.of("current", DemoAccounts.PASSWORD, "password", OTHER))
                        .location())
                .endsWith("/account");

        assertThat(here.get("/today").status()).isEqualTo(200);
        assertThat(elsewhere.get("/today").status()).isEqualTo(302);
        assertThat(isIn(NewAccount.signIn(Visitor.stranger(), "own.password", DemoAccounts.PASSWORD, "")))
                .isFalse();
        assertThat(isIn(NewAccount.signIn(Visitor.stranger(), "own.password", OTHER, "")))
                .isTrue();
        assertThat(Visitor.signedIn("lead").get("/clinic/sign-ins").body()).contains("password changed");
    }

    @Test
    void guessingThePasswordWithAnOpenSessionWaitsAndAChangedOneSigns() {
        NewAccount.named("own.signing", StaffRole.THERAPIST);
        Visitor owner = Visitor.signedIn("own.signing");
        Staff staff = RunningWaypost.get().staff("own.signing");
        PasswordFreshness freshness = RunningWaypost.get().bean(PasswordFreshness.class);
        MockHttpSession stolen = new MockHttpSession();

        owner.post("/account/password", Map.of("current", DemoAccounts.PASSWORD, "password", OTHER));
        freshness.confirm(stolen, staff, OTHER);
        for (int i = 0; i < 5; i++) {
            String guess = "guess " + i;
            assertThatThrownBy(() -> freshness.confirm(stolen, staff, guess))
                    .hasMessageContaining("That is not this account's password.");
        }
        assertThatThrownBy(() -> freshness.confirm(stolen, staff, OTHER))
                .hasMessageContaining("too many wrong passwords");
    }

    @Test
    void aTimeCodeIsAskedForTakenOnceAndReplacedByARecoveryCodeOnce() {
        NewAccount.named("own.code", StaffRole.THERAPIST);
        Visitor owner = Visitor.signedIn("own.code");
        SetUp setUp = SetUp.by(owner, now);
        String code = setUp.telephone().at(now);
        String recovery = setUp.recovery().get(3);

        assertThat(setUp.recovery()).hasSize(10).doesNotHaveDuplicates();
        assertThat(isIn(NewAccount.signIn(Visitor.stranger(), "own.code", DemoAccounts.PASSWORD, "")))
                .isFalse();
        assertThat(isIn(NewAccount.signIn(Visitor.stranger(), "own.code", OTHER, code)))
                .as("a wrong password spends no code")
                .isFalse();
        assertThat(isIn(NewAccount.signIn(Visitor.stranger(), "own.code", DemoAccounts.PASSWORD, code)))
                .isTrue();
        assertThat(isIn(NewAccount.signIn(Visitor.stranger(), "own.code", DemoAccounts.PASSWORD, code)))
                .as("the same code again")
                .isFalse();
        assertThat(isIn(NewAccount.signIn(
                        Visitor.stranger(),
                        "own.code",
                        DemoAccounts.PASSWORD,
                        recovery.toLowerCase(java.util.Locale.ROOT))))
                .isTrue();
        assertThat(isIn(NewAccount.signIn(Visitor.stranger(), "own.code", DemoAccounts.PASSWORD, recovery)))
                .as("a recovery code again")
                .isFalse();
        assertThat(Visitor.signedIn("lead").get("/clinic/sign-ins").body())
                .contains("time code set up", "code refused", "recovery used");
    }

    @Test
    void whatIsOfferedAndNotConfirmedAsksForNothing() {
        NewAccount.named("own.offered", StaffRole.ASSISTANT);
        Visitor owner = Visitor.signedIn("own.offered");
        owner.post("/account/second-factor", Map.of());

        assertThat(owner.post("/account/second-factor/confirm", Map.of("code", "000000"))
                        .body())
                .contains("That code doesn&#39;t fit.");
        assertThat(isIn(NewAccount.signIn(Visitor.stranger(), "own.offered", DemoAccounts.PASSWORD, "")))
                .isTrue();
    }

    @Test
    void oneSessionIsEndedFromAnotherAndTheirNamesAreNotGivenAway() {
        NewAccount.named("own.sessions", StaffRole.SURGEON);
        Visitor here = Visitor.signedIn("own.sessions");
        Visitor there = Visitor.signedIn("own.sessions");
        Matcher end = Pattern.compile("/account/sessions/([0-9a-f]{24})/end\"")
                .matcher(here.get("/account").body());
        assertThat(end.find()).isTrue();

        here.post("/account/sessions/" + end.group(1) + "/end", Map.of());

        assertThat(there.get("/today").status()).isEqualTo(302);
        assertThat(here.get("/today").status()).isEqualTo(200);
    }

    @Test
    void aSessionEndsTwelveHoursAfterItsSignInHoweverBusyItIs() {
        NewAccount.named("own.limit", StaffRole.THERAPIST);
        Visitor owner = Visitor.signedIn("own.limit");
        Sessions sessions = RunningWaypost.get().bean(Sessions.class);
        MockHttpSession session = new MockHttpSession();

        session.setAttribute("waypost.signed-in-at", now.minus(Sessions.LONGEST));
        assertThat(sessions.isOver(session)).isFalse();
        session.setAttribute("waypost.signed-in-at", now.minus(Sessions.LONGEST).minusMillis(1));
        assertThat(sessions.isOver(session)).isTrue();
        assertThat(owner.get("/today").status()).isEqualTo(200);
    }
}
