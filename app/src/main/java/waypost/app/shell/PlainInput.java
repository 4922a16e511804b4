package waypost.app.shell;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import waypost.app.entry.PlainText;

/**
 * Refuses at the edge what no form or address of ours has: control characters and broken letters, names of fields with
 * brackets, values longer than any field takes. What comes through is text that the database can hold and a page can show.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 5)
class PlainInput extends OncePerRequestFilter {

    private static final Pattern NAME = Pattern.compile("[A-Za-z0-9_.-]{1,120}");
    private static final int LONGEST = 20_000;
    /** A file of readings is posted as text. */
    private static final Set<String> LONG_TEXTS = Set.of("text");

    private static final int LONGEST_TEXT = 5_000_000;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Optional<String> problem = problem(request);
        if (problem.isEmpty()) {
            chain.doFilter(request, response);
            return;
        }
        request.setAttribute(
                ErrorPages.REFUSED,
                new ErrorPages.Said(
                        HttpStatus.BAD_REQUEST.value(),
                        "That could not be read",
                        problem.get() + " Nothing was written. Go back: what you typed is still there."));
        response.sendError(HttpStatus.BAD_REQUEST.value());
    }

    private static Optional<String> problem(HttpServletRequest request) {
        Map<String, String[]> parameters;
        try {
            if (isInParts(request)) {
                request.getParts();
            }
            parameters = request.getParameterMap();
        } catch (IllegalStateException | IllegalArgumentException | IOException | ServletException unreadable) {
            return Optional.of("Found a form that is damaged or longer than 5 MB, or a file of more than 20 MB.");
        }
        for (Map.Entry<String, String[]> parameter : parameters.entrySet()) {
            Optional<String> problem = problem(parameter.getKey(), parameter.getValue());
            if (problem.isPresent()) {
                return problem;
            }
        }
        return Optional.empty();
    }

    private static boolean isInParts(HttpServletRequest request) {
        String type = request.getContentType();
        return type != null && type.toLowerCase(Locale.ROOT).startsWith("multipart/");
    }

    private static Optional<String> problem(String name, String[] values) {
        if (!NAME.matcher(name).matches()) {
            return Optional.of("Found a field that no page has.");
        }
        int longest = LONG_TEXTS.contains(name) ? LONGEST_TEXT : LONGEST;
        for (String value : values) {
            Optional<String> problem = PlainText.problem(value, longest);
            if (problem.isPresent()) {
                return problem;
            }
        }
        return Optional.empty();
    }
}
