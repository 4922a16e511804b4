package waypost.app.shell;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.stream.Collectors;
import org.apache.commons.lang3.exception.ExceptionUtils;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.expression.spel.SpelEvaluationException;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.thymeleaf.exceptions.TemplateProcessingException;
import waypost.app.store.Outage;

/**
 * Where whatever nobody caught comes out. It is logged by its kinds and places alone: messages of exceptions hold what was
 * typed, and what was typed is about patients.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 3)
class Faults extends OncePerRequestFilter {

    private static final Logger LOG = LoggerFactory.getLogger(Faults.class);
    private static final int FRAMES = 6;

    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return false;
    }

    @Override
    protected boolean shouldNotFilterErrorDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException failed) {
            if (Outage.isBehind(failed)) {
                throw failed;
            }
            LOG.error("{} {} failed: {}", request.getMethod(), Refusals.pattern(request), told(failed));
            if (response.isCommitted()) {
                // The connection breaks, so that nobody takes a part for the whole.
                throw failed;
            }
            response.sendError(HttpServletResponse.SC_INTERNAL_SERVER_ERROR);
        }
    }

    /** The kinds of a failure and its causes, each with the places of ours nearest to it. */
    static String told(Throwable failed) {
        return ExceptionUtils.getThrowableList(failed).stream().map(Faults::one).collect(Collectors.joining(" <- "));
    }

    private static String one(Throwable failed) {
        String places = Arrays.stream(failed.getStackTrace())
                .filter(frame -> frame.getClassName().startsWith("waypost."))
                .limit(FRAMES)
                .map(frame -> frame.getFileName() + ":" + frame.getLineNumber())
                .collect(Collectors.joining(" "));
        return failed.getClass().getName() + known(failed) + (places.isEmpty() ? "" : " at " + places);
    }

    /** What some kinds tell that nobody typed. */
    private static String known(Throwable failed) {
        if (failed instanceof SQLException sql) {
            return " state " + sql.getSQLState();
        }
        if (failed instanceof TemplateProcessingException template) {
            return " in " + template.getTemplateName() + ":" + template.getLine();
        }
        return failed instanceof SpelEvaluationException expression
                ? " " + expression.getMessageCode() + " in " + expression.getExpressionString()
                : "";
    }
}
