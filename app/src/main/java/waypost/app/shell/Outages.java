package waypost.app.shell;

import io.github.resilience4j.circuitbreaker.CircuitBreaker;
import io.github.resilience4j.circuitbreaker.CircuitBreakerConfig;
import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import waypost.app.store.Outage;

/**
 * Answers while the database does not. The page stands by itself: it needs neither a session nor a template. After a few
 * failures nobody waits for the database any more; one request a second looks whether it is back.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class Outages extends OncePerRequestFilter {

    private static final Logger LOG = LoggerFactory.getLogger(Outages.class);
    private static final List<String> WITHOUT_DATABASE = List.of("/assets/", "/live", "/ready");
    private static final String RETRY_SECONDS = "2";

    private final CircuitBreaker circuit = CircuitBreaker.of(
            "database",
            CircuitBreakerConfig.custom()
                    .slidingWindowType(CircuitBreakerConfig.SlidingWindowType.COUNT_BASED)
                    .slidingWindowSize(4)
                    .minimumNumberOfCalls(2)
                    .failureRateThreshold(50)
                    .waitDurationInOpenState(Duration.ofSeconds(1))
                    .permittedNumberOfCallsInHalfOpenState(1)
                    .maxWaitDurationInHalfOpenState(Duration.ofSeconds(4))
                    .build());
    private final byte[] page;

    Outages(MeterRegistry meters) throws IOException {
        Gauge.builder("waypost.database.reached", circuit, one -> one.getState() == CircuitBreaker.State.CLOSED ? 1 : 0)
                .description("1 while the database answers, 0 while nobody is sent there")
                .register(meters);
        page = new ClassPathResource("templates/shell/outage.html").getContentAsByteArray();
        circuit.getEventPublisher()
                .onStateTransition(change -> LOG.warn("the database: {}", change.getStateTransition()));
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return WITHOUT_DATABASE.stream().anyMatch(request.getServletPath()::startsWith);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!circuit.tryAcquirePermission()) {
            answer(response);
            return;
        }
        long began = System.nanoTime();
        try {
            chain.doFilter(request, response);
            circuit.onSuccess(System.nanoTime() - began, TimeUnit.NANOSECONDS);
        } catch (RuntimeException | ServletException failed) {
            if (!Outage.isBehind(failed)) {
                circuit.onSuccess(System.nanoTime() - began, TimeUnit.NANOSECONDS);
                throw failed;
            }
            circuit.onError(System.nanoTime() - began, TimeUnit.NANOSECONDS, failed);
            LOG.warn("{} {} had no database: {}", request.getMethod(), Refusals.pattern(request), Faults.told(failed));
            answer(response);
        } catch (IOException gone) {
            circuit.releasePermission();
            throw gone;
        }
    }

    private void answer(HttpServletResponse response) throws IOException {
        if (response.isCommitted()) {
            return;
        }
        response.reset();
        response.setStatus(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
        response.setHeader("Retry-After", RETRY_SECONDS);
        response.setHeader("Cache-Control", "no-store");
        response.setHeader("Content-Security-Policy", SecurityConfiguration.CONTENT_POLICY);
        response.setContentType(MediaType.TEXT_HTML_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getOutputStream().write(page);
    }
}
