package waypost.app.audit;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import waypost.app.account.Staff;

/**
 * Notes a look for whatever page or file of a course was made, by its address alone: no page can forget it. What was
 * refused or sent elsewhere shows nobody and is no look. A page whose look can't be noted is not shown.
 */
@Configuration
class EveryLook implements WebMvcConfigurer, HandlerInterceptor {

    private static final String COURSES = "/courses/{id}";
    private static final String FIRST_PLACE = "way";

    private final ReadLog readLog;

    EveryLook(ReadLog readLog) {
        this.readLog = readLog;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/courses/**");
    }

    @Override
    public void postHandle(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable ModelAndView page) {
        String view = page == null ? "" : String.valueOf(page.getViewName());
        if (!view.isEmpty() && !view.startsWith("redirect:") && !view.startsWith("forward:")) {
            note(request);
        }
    }

    /** Notes the look at the course that the address names, if it names one. */
    void note(HttpServletRequest request) {
        String pattern = String.valueOf(request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE));
        if (pattern.startsWith(COURSES)) {
            course(request).ifPresent(course -> staff().ifPresent(staff -> readLog.saw(staff, course, place(pattern))));
        }
    }

    private static Optional<UUID> course(HttpServletRequest request) {
        Object variables = request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        return variables instanceof Map<?, ?> named
                ? Optional.of(UUID.fromString(String.valueOf(named.get("id"))))
                : Optional.empty();
    }

    private static Optional<Staff> staff() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null && who.getPrincipal() instanceof Staff staff ? Optional.of(staff) : Optional.empty();
    }

    /** The place in words, from its address: "notes, print" of {@code /courses/{id}/notes/{noteId}/print}. */
    static String place(String pattern) {
        String words = pattern.substring(COURSES.length())
                .replaceAll("\\{[^}]*}", "")
                .replaceAll("[/.]+", ", ")
                .replace('-', ' ')
                .replaceAll("^, |, $", "");
        return words.isEmpty() ? FIRST_PLACE : words;
    }
}
