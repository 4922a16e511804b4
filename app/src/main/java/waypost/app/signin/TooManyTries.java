package waypost.app.signin;

import java.time.Duration;
import org.springframework.security.core.AuthenticationException;

/** Nothing was looked up: signing in was tried too often. */
public final class TooManyTries extends AuthenticationException {

    private static final long serialVersionUID = 1L;

    private final Duration wait;

    TooManyTries(Duration wait) {
        super("too many tries");
        this.wait = wait;
    }

    /** In whole minutes, at least one. */
    public long minutes() {
        return Math.max(1, (wait.toSeconds() + 59) / 60);
    }
}
