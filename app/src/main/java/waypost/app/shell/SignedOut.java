package waypost.app.shell;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.csrf.CsrfException;

/**
 * Answers whoever is not signed in any more. A page's script gets 401 and asks to sign in over the page, then sends
 * again; without script a page says that nothing was written and that going back keeps the entries.
 */
final class SignedOut implements AuthenticationEntryPoint, AccessDeniedHandler {

    @Override
    public void commence(HttpServletRequest request, HttpServletResponse response, AuthenticationException cause)
            throws IOException, ServletException {
        if (request.getHeader("HX-Request") != null) {
            response.setStatus(HttpServletResponse.SC_UNAUTHORIZED);
        } else if (request.getMethod().equals("GET")) {
            response.sendRedirect(request.getContextPath() + "/sign-in");
        } else {
            response.sendError(HttpServletResponse.SC_UNAUTHORIZED);
        }
    }

    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException cause)
            throws IOException, ServletException {
        boolean sessionGone = cause instanceof CsrfException && request.getRemoteUser() == null;
        if (!sessionGone) {
            response.sendError(HttpServletResponse.SC_FORBIDDEN);
        } else if (request.getHeader("HX-Request") != null) {
            response.setStatus(HttpServletResponse.SC_UNAUTHORIZED);
        } else {
            response.sendError(HttpServletResponse.SC_UNAUTHORIZED);
        }
    }
}
