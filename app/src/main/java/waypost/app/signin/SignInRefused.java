package waypost.app.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.authentication.AuthenticationServiceException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.authentication.AuthenticationFailureHandler;

/** Answers a sign-in that did not get through. Nothing of it is kept: no session, no name. */
final class SignInRefused implements AuthenticationFailureHandler {

    private static final int TOO_MANY_REQUESTS = 429;

    @Override
    public void onAuthenticationFailure(
            HttpServletRequest request, HttpServletResponse response, AuthenticationException cause)
            throws IOException {
        boolean overPage = request.getHeader("X-Over-Page") != null;
        if (cause instanceof AuthenticationServiceException) {
            response.sendError(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
        } else if (cause instanceof TooManyTries many) {
            response.setHeader("Retry-After", String.valueOf(many.minutes() * 60));
            answer(overPage, TOO_MANY_REQUESTS, "/sign-in?wait=" + many.minutes(), request, response);
        } else {
            answer(overPage, HttpServletResponse.SC_UNAUTHORIZED, "/sign-in?error", request, response);
        }
    }

    private static void answer(
            boolean overPage, int status, String page, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        if (overPage) {
            response.setStatus(status);
        } else {
            response.sendRedirect(request.getContextPath() + page);
        }
    }
}
