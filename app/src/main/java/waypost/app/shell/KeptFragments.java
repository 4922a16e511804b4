package waypost.app.shell;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.WebContext;
import org.thymeleaf.spring6.ISpringTemplateEngine;
import org.thymeleaf.web.IWebExchange;

/**
 * Parts of pages kept by what they show. A part is drawn from the values that it is given and from nothing else, so equal
 * values give the same part, to whomever it is shown. The values are compared whole, not by their hash alone.
 */
@Component
class KeptFragments {

    private static final long MOST_LETTERS = 16_000_000;

    private final ISpringTemplateEngine engine;
    private final Cache<Part, String> drawn = Caffeine.newBuilder()
            .maximumWeight(MOST_LETTERS)
            .weigher((Part part, String html) -> html.length())
            .build();

    KeptFragments(ISpringTemplateEngine engine) {
        this.engine = engine;
    }

    /** A fragment of a template, with everything that it shows. */
    private record Part(String template, String fragment, String path, Map<String, Object> shown) {}

    /**
     * The fragment as it is drawn with these values.
     *
     * @param shown values that are equal when they look the same: records and strings
     * @throws IllegalStateException when it has a form in it: a form belongs to the one who is signed in
     */
    String html(IWebExchange exchange, String template, String fragment, Map<String, Object> shown) {
        Part part = new Part(template, fragment, exchange.getRequest().getApplicationPath(), Map.copyOf(shown));
        return drawn.get(part, wanted -> draw(exchange, wanted));
    }

    private String draw(IWebExchange exchange, Part part) {
        String html = drawn(exchange, part);
        if (html.contains("<form")) {
            throw new IllegalStateException(part.template() + " :: " + part.fragment()
                    + ": found a form, allowed: what is the same for everybody");
        }
        return html;
    }

    /** A web context keeps its variables in the request: those of the page around are put back. */
    private String drawn(IWebExchange exchange, Part part) {
        Map<String, @Nullable Object> around = new HashMap<>();
        part.shown().keySet().forEach(name -> around.put(name, exchange.getAttributeValue(name)));
        try {
            return engine.process(
                    part.template(), Set.of(part.fragment()), new WebContext(exchange, Locale.ENGLISH, part.shown()));
        } finally {
            around.forEach((name, value) -> {
                if (value == null) {
                    exchange.removeAttribute(name);
                } else {
                    exchange.setAttributeValue(name, value);
                }
            });
        }
    }
}
