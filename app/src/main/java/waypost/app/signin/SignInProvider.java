package waypost.app.signin;

import java.time.Duration;
import java.util.Objects;
import java.util.UUID;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.crypto.password.PasswordEncoder;
import waypost.app.account.Accounts;
import waypost.app.account.SecondFactor;
import waypost.app.account.SignInLog;
import waypost.app.account.Staff;
import waypost.app.account.Throttle;

/**
 * Takes a name, a password and, where the account has one, a code together: whoever has only one of them learns from the
 * answer about neither. Tries are counted before anything is looked up, and what came of them is kept.
 */
final class SignInProvider implements AuthenticationProvider {

    private final DaoAuthenticationProvider passwords;
    private final SecondFactor secondFactor;
    private final Throttle throttle;
    private final SignInLog log;

    SignInProvider(
            Accounts accounts, PasswordEncoder encoder, SecondFactor secondFactor, Throttle throttle, SignInLog log) {
        this.passwords = new DaoAuthenticationProvider(accounts);
        passwords.setPasswordEncoder(encoder);
        this.secondFactor = secondFactor;
        this.throttle = throttle;
        this.log = log;
    }

    @Override
    public Authentication authenticate(Authentication given) {
        SignInDetails details = (SignInDetails) Objects.requireNonNull(given.getDetails());
        return details.checked().map(CheckedSignIn::orRefuse).orElseGet(() -> check(given, details));
    }

    private Authentication check(Authentication given, SignInDetails details) {
        Duration wait = throttle.take(given.getName(), details.address());
        if (!wait.isZero()) {
            throw new TooManyTries(wait);
        }
        Authentication who;
        try {
            who = passwords.authenticate(given);
        } catch (AuthenticationException refused) {
            log.note(log.accountNamed(given.getName()), SignInLog.Outcome.REFUSED, details.address());
            throw refused;
        }
        requireSecondFactor(((Staff) Objects.requireNonNull(who.getPrincipal())).id(), details);
        throttle.giveBack(given.getName(), details.address());
        // The address alone goes into the session, never the code.
        ((UsernamePasswordAuthenticationToken) who).setDetails(details.address());
        return who;
    }

    private void requireSecondFactor(UUID account, SignInDetails details) {
        SecondFactor.Verdict verdict = secondFactor.judge(account, details.code());
        SignInLog.Outcome outcome = switch (verdict) {
            case NONE_NEEDED, TIME_CODE -> SignInLog.Outcome.SIGNED_IN;
            case RECOVERY_CODE -> SignInLog.Outcome.RECOVERY_USED;
            case REFUSED -> SignInLog.Outcome.CODE_REFUSED;
        };
        log.note(account, outcome, details.address());
        if (verdict == SecondFactor.Verdict.REFUSED) {
            throw new BadCredentialsException("the code does not fit");
        }
    }

    @Override
    public boolean supports(Class<?> type) {
        return UsernamePasswordAuthenticationToken.class.isAssignableFrom(type);
    }
}
