package waypost.app.account;

import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import waypost.app.entry.FormProblem;

/** To sign, the password must have been given in the last five minutes. */
@Component
public class PasswordFreshness {

    static final Duration FRESH = Duration.ofMinutes(5);
    private static final String GIVEN_AT = "waypost.password-given-at";

    private final Accounts accounts;
    private final Throttle throttle;
    private final InstantSource time;

    PasswordFreshness(Accounts accounts, Throttle throttle, InstantSource time) {
        this.accounts = accounts;
        this.throttle = throttle;
        this.time = time;
    }

    public void given(HttpSession session) {
        session.setAttribute(GIVEN_AT, time.instant());
    }

    /** Whether the sign form must ask for it. */
    public boolean mustAsk(HttpSession session) {
        Object at = session.getAttribute(GIVEN_AT);
        return !(at instanceof Instant given) || given.plus(FRESH).isBefore(time.instant());
    }

    /** Refuses a signature without a fresh password. */
    public void require(HttpSession session, Staff staff, @Nullable String password) {
        if (mustAsk(session)) {
            confirm(session, staff, password);
        }
    }

    /** Asks for the password however fresh it is. Guessing it with somebody's open session waits as a sign-in does. */
    public void confirm(HttpSession session, Staff staff, @Nullable String password) {
        if (password == null || password.isEmpty()) {
            throw new FormProblem("password", "Signing needs your password again after five minutes. Nothing is lost.");
        }
        String place = "signing of " + staff.id();
        if (!throttle.take(staff.signInName(), place).isZero()) {
            throw new FormProblem(
                    "password", "Found too many wrong passwords. Wait a few minutes, then try again; nothing is lost.");
        }
        if (!accounts.passwordMatches(staff, password)) {
            throw new FormProblem("password", "That is not this account's password. Nothing was signed or changed.");
        }
        throttle.giveBack(staff.signInName(), place);
        given(session);
    }
}
