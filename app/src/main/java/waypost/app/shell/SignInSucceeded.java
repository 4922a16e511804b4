package waypost.app.shell;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Objects;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import waypost.app.account.PasswordFreshness;
import waypost.app.account.Permission;
import waypost.app.account.SecondFactor;
import waypost.app.account.SecondFactorDemand;
import waypost.app.account.Sessions;
import waypost.app.account.Staff;

/** Goes to the first page; a sign-in over a page is answered with the account only, and the page sends again. */
record SignInSucceeded(PasswordFreshness freshness, Sessions sessions, SecondFactor secondFactor)
        implements AuthenticationSuccessHandler {

    @Override
    public void onAuthenticationSuccess(HttpServletRequest request, HttpServletResponse response, Authentication who)
            throws IOException {
        freshness.given(request.getSession());
        sessions.begin(request);
        Staff staff = (Staff) Objects.requireNonNull(who.getPrincipal());
        if (secondFactor.isMissing(staff)) {
            SecondFactorDemand.open(request.getSession());
        }
        if (request.getHeader("X-Over-Page") != null) {
            response.setHeader("X-Account", staff.id().toString());
            response.setStatus(HttpServletResponse.SC_NO_CONTENT);
            return;
        }
        response.sendRedirect(request.getContextPath() + (staff.may(Permission.SEE_PATIENTS) ? "/today" : "/clinic"));
    }
}
