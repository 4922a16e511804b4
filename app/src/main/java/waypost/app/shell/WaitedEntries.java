package waypost.app.shell;

import io.micrometer.core.instrument.Metrics;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Measures how long entries waited in a browser's outbox before they arrived: how much an outage kept back, and for how long. */
@Component
class WaitedEntries implements HandlerInterceptor, WebMvcConfigurer {

    /** The outbox says in it how many seconds an entry waited. */
    static final String WAITED = "X-Waypost-Waited";

    private static final Pattern SECONDS = Pattern.compile("\\d{1,7}");

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/courses/**");
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception failed) {
        String waited = request.getHeader(WAITED);
        boolean taken =
                failed == null && HttpStatus.valueOf(response.getStatus()).is2xxSuccessful();
        if (waited != null && taken && SECONDS.matcher(waited).matches()) {
            Metrics.timer("waypost.entries.waited").record(Duration.ofSeconds(Long.parseLong(waited)));
        }
    }
}
