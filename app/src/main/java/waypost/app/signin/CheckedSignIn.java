package waypost.app.signin;

import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.AuthenticationServiceException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;

/** What came of a name and password that were checked off the request's thread. */
record CheckedSignIn(@Nullable Authentication who, @Nullable AuthenticationException refused) {

    static final String ATTRIBUTE = "waypost.checked-sign-in";

    Authentication orRefuse() {
        if (refused != null) {
            throw refused;
        }
        if (who == null) {
            throw new AuthenticationServiceException("a sign-in was neither taken nor refused");
        }
        return who;
    }
}
