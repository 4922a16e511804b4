package waypost.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpSession;
import waypost.app.demo.DemoAccounts;
import waypost.app.entry.FormProblem;
import waypost.app.testing.RunningWaypost;

/** Signing asks for the password again after five minutes, not before, and takes only this account's. */
@Tag("served")
class PasswordFreshnessTest {

    private Instant now = Instant.parse("2031-04-03T09:00:00Z");
    private final RunningWaypost waypost = RunningWaypost.get();
    private final PasswordFreshness freshness =
            new PasswordFreshness(waypost.bean(Accounts.class), waypost.bean(Throttle.class), () -> now);
    private final MockHttpSession session = new MockHttpSession();
    private final Staff therapist = waypost.staff("therapist");

    @Test
    void asksAgainAfterFiveMinutes() {
        freshness.given(session);

        now = now.plus(Duration.ofMinutes(5));
        assertThat(freshness.mustAsk(session)).isFalse();
        now = now.plusSeconds(1);
        assertThat(freshness.mustAsk(session)).isTrue();
    }

    @Test
    void refusesASignatureWithoutOrWithAWrongPassword() {
        assertThatThrownBy(() -> freshness.require(session, therapist, null))
                .isInstanceOf(FormProblem.class)
                .hasMessage("Signing needs your password again after five minutes. Nothing is lost.");
        assertThatThrownBy(() -> freshness.require(session, therapist, "guessed"))
                .hasMessage("That is not this account's password. Nothing was signed or changed.");
        assertThat(freshness.mustAsk(session)).isTrue();
    }

    @Test
    void takesTheRightPasswordAndThenLetsSignForFiveMinutes() {
        freshness.require(session, therapist, DemoAccounts.PASSWORD);

        freshness.require(session, therapist, null);
        assertThat(freshness.mustAsk(session)).isFalse();
    }
}
