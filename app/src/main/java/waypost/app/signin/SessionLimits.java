package waypost.app.signin;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;
import waypost.app.account.SecondFactorDemand;
import waypost.app.account.Sessions;

/** Ends a session at its limit; one that owes a time code goes to its own account and nowhere else. */
final class SessionLimits extends OncePerRequestFilter {

    private static final List<String> OPEN =
            List.of("/account", "/sign-out", "/session/token", "/assets/", "/theme", "/error");

    private final Sessions sessions;

    SessionLimits(Sessions sessions) {
        this.sessions = sessions;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        if (session != null && sessions.isOver(session)) {
            session.invalidate();
            SecurityContextHolder.clearContext();
        } else if (owesTimeCode(session) && OPEN.stream().noneMatch(request.getServletPath()::startsWith)) {
            toOwnAccount(request, response);
            return;
        }
        chain.doFilter(request, response);
    }

    private static boolean owesTimeCode(@Nullable HttpSession session) {
        return session != null && SecondFactorDemand.isOpen(session);
    }

    private static void toOwnAccount(HttpServletRequest request, HttpServletResponse response) throws IOException {
        if (request.getHeader("HX-Request") != null) {
            response.setHeader("HX-Redirect", request.getContextPath() + "/account");
            response.setStatus(HttpServletResponse.SC_FORBIDDEN);
        } else {
            response.sendRedirect(request.getContextPath() + "/account");
        }
    }
}
