package waypost.app.store;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * Keeps what was put together for a request, so that nothing is put together twice, until the request writes: what comes
 * after sees every course anew. What runs outside a request keeps nothing.
 */
@Component
public class OncePerRequest {

    private static final String KEPT = OncePerRequest.class.getName();

    /** What was made under this name for the request, or makes it now. */
    @SuppressWarnings("unchecked") // a name is used for one kind of thing alone
    public <T> T get(String name, Supplier<T> made) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request == null) {
            return made.get();
        }
        Map<String, Object> kept = (Map<String, Object>) request.getAttribute(KEPT, RequestAttributes.SCOPE_REQUEST);
        if (kept == null) {
            kept = new HashMap<>();
            request.setAttribute(KEPT, kept, RequestAttributes.SCOPE_REQUEST);
        }
        T known = (T) kept.get(name);
        if (known != null) {
            return known;
        }
        T now = made.get();
        kept.put(name, now);
        return now;
    }

    /** Forgets what was kept for the request: something was written. */
    void forget() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null) {
            request.removeAttribute(KEPT, RequestAttributes.SCOPE_REQUEST);
        }
    }
}
