package waypost.app.signin;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.annotation.Order;
import org.springframework.security.core.Authentication;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import waypost.app.account.Accounts;
import waypost.app.account.Sessions;
import waypost.app.account.Staff;

/**
 * Ends the session of a sign-in that began before its account was closed or its password changed and was stored after.
 * Stands around the filter that stores sessions, so that it looks again once the session is there.
 */
@Component
@Order(SessionRepositoryFilter.DEFAULT_ORDER - 5)
class ChangedMeanwhile extends OncePerRequestFilter {

    private final Accounts accounts;
    private final Sessions sessions;

    ChangedMeanwhile(Accounts accounts, Sessions sessions) {
        this.accounts = accounts;
        this.sessions = sessions;
    }

    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(request, response);
        if (request.getAttribute(CheckedSignIn.ATTRIBUTE) instanceof CheckedSignIn checked) {
            Authentication who = checked.who();
            if (who != null && who.getPrincipal() instanceof Staff staff && !accounts.stillStands(staff)) {
                sessions.endAll(staff.signInName());
            }
        }
    }
}
