package waypost.app.signin;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.ServletResponse;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.apache.commons.lang3.StringUtils;
import org.springframework.security.authentication.AuthenticationServiceException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.AuthenticationException;
import org.springframework.web.filter.GenericFilterBean;

/**
 * Hashing takes a processor for a tenth of a second. Sign-ins wait for it here, off the threads that serve pages and on
 * half the processors at most, so that two hundred at once freeze nobody's visit. A part of the security chain, behind the
 * form token's check.
 */
final class SignInQueue extends GenericFilterBean {

    private static final int MOST_WAITING = 1_000;
    private static final Duration LONGEST = Duration.ofSeconds(60);

    private final SignInProvider provider;
    private final ThreadPoolExecutor hashing;

    SignInQueue(SignInProvider provider) {
        this.provider = provider;
        int threads = Math.max(1, Runtime.getRuntime().availableProcessors() / 2);
        this.hashing = new ThreadPoolExecutor(
                threads, threads, 0, TimeUnit.SECONDS, new ArrayBlockingQueue<>(MOST_WAITING), work -> {
                    Thread thread = new Thread(work, "sign-in");
                    thread.setDaemon(true);
                    return thread;
                });
    }

    @Override
    public void doFilter(ServletRequest request, ServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        HttpServletRequest http = (HttpServletRequest) request;
        boolean signIn =
                http.getMethod().equals("POST") && http.getServletPath().equals("/sign-in");
        if (!signIn || request.getDispatcherType() != DispatcherType.REQUEST) {
            chain.doFilter(request, response);
            return;
        }
        UsernamePasswordAuthenticationToken given = UsernamePasswordAuthenticationToken.unauthenticated(
                StringUtils.defaultString(request.getParameter("name")).strip(),
                StringUtils.defaultString(request.getParameter("password")));
        given.setDetails(SignInDetails.of(http));
        AsyncContext waiting = request.startAsync();
        waiting.setTimeout(LONGEST.toMillis());
        try {
            hashing.execute(() -> {
                request.setAttribute(CheckedSignIn.ATTRIBUTE, checked(given));
                waiting.dispatch();
            });
        } catch (RejectedExecutionException full) {
            ((HttpServletResponse) response).sendError(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
            waiting.complete();
        }
    }

    private CheckedSignIn checked(UsernamePasswordAuthenticationToken given) {
        try {
            return new CheckedSignIn(provider.authenticate(given), null);
        } catch (AuthenticationException refused) {
            return new CheckedSignIn(null, refused);
        } catch (RuntimeException failed) {
            return new CheckedSignIn(null, new AuthenticationServiceException("signing in failed", failed));
        }
    }

    void stop() {
        hashing.shutdownNow();
    }
}
