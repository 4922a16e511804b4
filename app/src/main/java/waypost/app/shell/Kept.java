package waypost.app.shell;

import java.util.Map;
import org.thymeleaf.web.IWebExchange;

/** What a template asks for a part that is drawn once for equal values. */
public final class Kept {

    private final KeptFragments fragments;
    private final IWebExchange exchange;

    Kept(KeptFragments fragments, IWebExchange exchange) {
        this.fragments = fragments;
        this.exchange = exchange;
    }

    /** A fragment without parameters that sees these values and nothing else, as HTML. */
    public String of(String template, String fragment, Map<String, Object> shown) {
        return fragments.html(exchange, template, fragment, shown);
    }
}
