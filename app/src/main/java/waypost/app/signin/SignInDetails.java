package waypost.app.signin;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.apache.commons.lang3.StringUtils;

/**
 * What a sign-in brings along besides name and password.
 *
 * @param checked what the queue found already, if the request went through it
 */
record SignInDetails(String address, String code, Optional<CheckedSignIn> checked) {

    static SignInDetails of(HttpServletRequest request) {
        return new SignInDetails(
                request.getRemoteAddr(),
                StringUtils.defaultString(request.getParameter("code")),
                Optional.ofNullable((CheckedSignIn) request.getAttribute(CheckedSignIn.ATTRIBUTE)));
    }
}
