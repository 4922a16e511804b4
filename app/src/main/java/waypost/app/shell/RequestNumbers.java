package waypost.app.shell;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.SecureRandom;
import java.util.HexFormat;
import org.slf4j.MDC;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Gives every request a number, which its lines in the log and its error page bear: whoever tells it is found. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class RequestNumbers extends OncePerRequestFilter {

    /** Under this name a request carries its number, eight letters. */
    static final String NUMBER = "waypost.request";

    private static final int BYTES = 4;

    private final SecureRandom random = new SecureRandom();

    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Object given = request.getAttribute(NUMBER);
        String number = given instanceof String before ? before : fresh();
        request.setAttribute(NUMBER, number);
        response.setHeader("X-Request-Id", number);
        try (MDC.MDCCloseable ignored = MDC.putCloseable("request", number)) {
            chain.doFilter(request, response);
        }
    }

    private String fresh() {
        byte[] bytes = new byte[BYTES];
        random.nextBytes(bytes);
        return HexFormat.of().formatHex(bytes);
    }
}
